<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Support\Str;
use RuntimeException;

/** Why there is no backup, or why one cannot be used. */
final class BackupFailed extends RuntimeException
{
    public static function full(): self
    {
        return new self(__('backups.failed.full'));
    }

    public static function noBackup(): self
    {
        return new self(__('backups.failed.no-backup'));
    }

    public static function notCopied(string $said): self
    {
        return new self(__('backups.failed.not-copied', ['said' => Str::limit(trim($said), 300)]));
    }

    /** @param list<string> $names of those that are there */
    public static function noCopy(array $names): self
    {
        return new self(__('backups.failed.no-copy', ['names' => $names === [] ? '–' : implode(', ', $names)]));
    }

    public static function changed(): self
    {
        return new self(__('backups.failed.changed'));
    }

    public static function program(string $name, string $said): self
    {
        return new self(__('backups.failed.program', ['name' => $name, 'said' => trim($said)]));
    }

    public static function newer(string $migration): self
    {
        return new self(__('backups.failed.newer', ['migration' => $migration]));
    }
}
