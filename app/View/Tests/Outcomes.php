<?php

declare(strict_types=1);

namespace App\View\Tests;

use StoneDrill\Core\Proof\Outcome;

/** How an item can go, as a choice. */
final class Outcomes
{
    /** @return array<string, string> by value */
    public static function names(): array
    {
        $values = array_column(Outcome::cases(), 'value');

        return array_combine(
            $values,
            array_map(static fn (string $value): string => __('proof.outcome-names.'.$value), $values),
        );
    }
}
