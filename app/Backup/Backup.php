<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;

/** One that was made. */
final readonly class Backup
{
    public function __construct(public string $path, public CarbonImmutable $at, public int $bytes) {}

    public function name(): string
    {
        return basename($this->path);
    }

    /** Bytes in words. */
    public function size(): string
    {
        return $this->bytes < 1_000_000
            ? __('backups.kb', ['size' => number_format($this->bytes / 1e3)])
            : __('backups.mb', ['size' => number_format($this->bytes / 1e6, 1)]);
    }
}
