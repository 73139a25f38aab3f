<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupFailed;
use App\Backup\Backups;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Puts a backup in the place of everything that is there. */
final class RestoreCommand extends Command
{
    protected $signature = 'stone-drill:restore {file : the backup; copy:NAME for one of the other disk} {--force : without asking}';

    protected function configure(): void
    {
        $this->setDescription(__('backups.command.restore'));
    }

    public function handle(Backups $backups): int
    {
        if ($this->option('force') !== true && ! $this->confirm(__('backups.question'))) {
            return self::FAILURE;
        }
        try {
            $key = $backups->restore($backups->fetch((string) $this->argument('file')));
        } catch (BackupFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        Artisan::call('migrate', ['--force' => true]);
        Artisan::call('cache:clear');
        DB::statement('analyze');
        Artisan::call('stone-drill:warm', ['--all' => true]);
        $this->line(__('backups.restored'));
        if ($key !== config('app.key')) {
            $this->warn(__('backups.other-key', ['key' => $key]));
        }

        return self::SUCCESS;
    }
}
