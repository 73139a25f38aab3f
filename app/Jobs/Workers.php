<?php

declare(strict_types=1);

namespace App\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whoever works through the queue. */
final class Workers
{
    /** Seconds that a job may wait before nobody is taken to work. */
    private const PATIENCE = 10;

    public static function areAway(): bool
    {
        return config('queue.default') === 'database'
            && DB::table('jobs')->whereNull('reserved_at')->where('available_at', '<', now()->getTimestamp() - self::PATIENCE)->exists();
    }

    /** Gives them a job, or does it here where nobody works. A job that fails says so itself, in its `failed()`. */
    public static function give(ShouldQueue $job): void
    {
        try {
            self::areAway() ? dispatch_sync($job) : dispatch($job);
        } catch (Throwable $error) {
            report($error);
        }
    }
}
