<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;

/** Writes into the log what went wrong with a query, without the values it was asked with. */
final class QueryLog
{
    public static function write(QueryException $exception): void
    {
        $own = array_values(
            array_filter(
                $exception->getTrace(),
                static fn (array $call): bool => str_starts_with($call['file'] ?? '', app_path()),
            ),
        );
        Log::error(__('watch.query-refused'), [
            'state' => (string) $exception->getCode(),
            'query' => $exception->getSql(),
            'at' => array_map(
                static fn (array $call): string => substr($call['file'] ?? '', strlen(base_path()) + 1)
                    .':'
                    .($call['line'] ?? 0),
                array_slice($own, 0, 8),
            ),
        ]);
    }
}
