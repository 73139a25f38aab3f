<?php

declare(strict_types=1);

namespace App\Jobs;

use Illuminate\Support\Facades\Storage;
use Throwable;

/** A job about a stored file, beside which it leaves a mark when it is over, until somebody was told. */
trait TellsOfFile
{
    /** One job a file. */
    public function uniqueId(): string
    {
        return $this->path;
    }

    public function failed(?Throwable $error): void
    {
        Storage::put(self::mark($this->path, 'failed'), '');
    }

    /** Whether the job about a file has failed: said once, so that it can be tried again. */
    public static function tellFailed(string $path): bool
    {
        return self::take($path, 'failed') !== null;
    }

    /** What the job about a file has done, null where it is not over: said once. */
    public static function tellDone(string $path): ?string
    {
        return self::take($path, 'done');
    }

    private function done(string $what): void
    {
        Storage::put(self::mark($this->path, 'done'), $what);
        Storage::delete($this->path);
    }

    private static function take(string $path, string $what): ?string
    {
        $mark = self::mark($path, $what);
        $text = Storage::exists($mark) ? Storage::get($mark) : null;
        Storage::delete($mark);

        return $text;
    }

    private static function mark(string $path, string $what): string
    {
        return "{$path}.{$what}";
    }
}
