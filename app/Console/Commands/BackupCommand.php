<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupFailed;
use App\Backup\Backups;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Log;

/** Makes a backup, and deletes those that are not kept any longer. */
final class BackupCommand extends Command
{
    protected $signature = 'stone-drill:backup';

    protected function configure(): void
    {
        $this->setDescription(__('backups.command.backup'));
    }

    public function handle(Backups $backups): int
    {
        try {
            $backup = $backups->make(CarbonImmutable::now());
            $this->line(__('backups.made', ['path' => $backup->path, 'size' => $backup->size()]));
            $backups->copy($backup);
        } catch (BackupFailed $failed) {
            $this->error($failed->getMessage());
            Log::error($failed->getMessage());

            return self::FAILURE;
        }
        $backups->prune();

        return self::SUCCESS;
    }
}
