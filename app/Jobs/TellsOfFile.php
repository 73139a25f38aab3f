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
        $this->forgetShare();
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

    /** @return ?int percent of what is being done with a file; null as long as nothing is known */
    public static function share(string $path): ?int
    {
        $mark = self::mark($path, 'share');
        $text = Storage::exists($mark) ? Storage::get($mark) : null;

        return is_numeric($text) ? (int) $text : null;
    }

    protected function tellShare(int $percent): void
    {
        Storage::put(self::mark($this->path, 'share'), (string) $percent);
    }

    private function forgetShare(): void
    {
        Storage::delete(self::mark($this->path, 'share'));
    }

    private function done(string $what): void
    {
        $this->forgetShare();
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
