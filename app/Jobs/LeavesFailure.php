<?php

declare(strict_types=1);

namespace App\Jobs;

use Illuminate\Support\Facades\Storage;
use Throwable;

/** A job about a stored file, beside which it leaves a mark when it fails, until somebody was told. */
trait LeavesFailure
{
    public function failed(?Throwable $error): void
    {
        Storage::put(self::failedPath($this->path), '');
    }

    /** Whether the job about a file has failed: said once, so that it can be tried again. */
    public static function tellFailed(string $path): bool
    {
        return Storage::exists(self::failedPath($path)) && Storage::delete(self::failedPath($path));
    }

    private static function failedPath(string $path): string
    {
        return $path.'.failed';
    }
}
