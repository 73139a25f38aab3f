<?php

declare(strict_types=1);

namespace App\Persistence;

use RuntimeException;

/** A column that holds something else than it should. */
final class UnreadableValue extends RuntimeException
{
    public static function unknown(string $column, mixed $found, string $expected): self
    {
        return new self(
            __('unreadable.value', [
                'found' => is_scalar($found)
                    ? '“'.mb_strimwidth((string) $found, 0, 60, '…').'”'
                    : get_debug_type($found),
                'column' => $column,
                'expected' => $expected,
            ]),
        );
    }
}
