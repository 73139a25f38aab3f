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

    /** The two lines in which jobs wait; the second is served where nobody stands in the first. */
    public const FIRST = 'default';
    public const LATER = 'later';

    /** Jobs of a school that wait in the first line at most. */
    private const TURN = 3;

    public static function areAway(): bool
    {
        return config('queue.default') === 'database'
            && DB::table('jobs')
                ->where('queue', self::FIRST)
                ->whereNull('reserved_at')
                ->where('available_at', '<', now()->getTimestamp() - self::PATIENCE)
                ->exists();
    }

    /** Gives them a job, or does it here where nobody works. A job that fails says so itself, in its `failed()`. */
    public static function give(ShouldQueue $job): void
    {
        try {
            self::areAway() ? dispatch_sync($job) : self::queue($job);
        } catch (Throwable $error) {
            report($error);
        }
    }

    /**
     * Puts a job where its turn is: a school that has some waiting already comes after the others with what is more.
     */
    public static function queue(ShouldQueue $job): void
    {
        $school = SchoolJobs::mark()['school'] ?? null;
        $waiting = $school === null || config('queue.default') !== 'database' ? 0 : SchoolJobs::waiting($school);

        dispatch($job)->onQueue($waiting < self::TURN ? self::FIRST : self::LATER);
    }
}
