<?php

declare(strict_types=1);

namespace App\Jobs;

use Illuminate\Support\Facades\DB;

/** Whether somebody works through the queue. */
final class Workers
{
    /** Seconds that a job may wait before nobody is taken to work. */
    private const PATIENCE = 10;

    public static function areAway(): bool
    {
        return config('queue.default') === 'database'
            && DB::table('jobs')->whereNull('reserved_at')->where('available_at', '<', now()->getTimestamp() - self::PATIENCE)->exists();
    }
}
