<?php

declare(strict_types=1);

namespace App\Http\Controllers\Watch;

use App\Watch\Health;
use Illuminate\Http\JsonResponse;

/** What works and what does not: the database, the queue, the disk, the backups. */
final class HealthController
{
    public function __invoke(Health $health): JsonResponse
    {
        $parts = $health->parts();
        $isWell = ! in_array(false, array_column($parts, 'ok'), true);

        return response()->json(['ok' => $isWell, ...$parts], $isWell ? 200 : 503, ['Cache-Control' => 'no-store']);
    }
}
