<?php

declare(strict_types=1);

// Mails that were kept instead of sent.
return [
    'columns' => ['at' => 'When', 'to' => 'To', 'subject' => 'Subject'],
    'lead' => 'This installation has no mail server: every mail is kept here instead of sent. Pass on what matters.',
    'none' => 'No mail yet',
    'none-help' => 'Invite somebody by email, and the invitation shows here.',
    'title' => 'Outbox',
    'to' => 'To :recipient',
];
