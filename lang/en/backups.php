<?php

declare(strict_types=1);

// Backups of the installation.
return [
    'command' => [
        'backup' => 'Make a sealed backup of the database, and delete those that are not kept any longer',
        'restore' => 'Put a backup in the place of everything that is there',
    ],
    'failed' => [
        'changed' => 'This backup cannot be opened: it was sealed with another key (BACKUP_KEY), was changed, or is not whole. Nothing was changed.',
        'full' => 'The backup could not be written. Look whether the folder can be written and the disk has room.',
        'newer' => 'This backup was made by a later release (:migration). Upgrade first. Nothing was changed.',
        'no-backup' => 'This is no backup of Stone Drill. Nothing was changed.',
        'no-copy' => 'There is no such copy, and nothing was changed. There are: :names.',
        'not-copied' => 'The backup is made, and could not be copied to the other disk (BACKUP_DISK): :said',
        'program' => ':name failed, and nothing was changed: :said',
    ],
    'holds' => '{0} No backup holds them.|{1} One backup still holds them until it is deleted: it was made :newest.|[2,*] :count backups still hold them until they are deleted: the newest was made :newest, the oldest :oldest.',
    'kb' => ':size KB',
    'kept' => 'The last backup of each of :days days, :weeks weeks and :months months is kept, so the last one with them goes within a year.',
    'made' => ':path (:size)',
    'mb' => ':size MB',
    'other-key' => 'The backup was made with another APP_KEY. Second factors can be read with that one alone. Put it into .env: APP_KEY=:key',
    'question' => 'Put this backup in the place of everything that is there? What came after it is lost.',
    'restored' => 'Restored.',
];
