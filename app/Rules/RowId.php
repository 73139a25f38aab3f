<?php

declare(strict_types=1);

namespace App\Rules;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** The id of a row: a whole number that the database can hold. */
final readonly class RowId implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (
            (! is_int($value) && ! (is_string($value) && preg_match('/^[1-9][0-9]{0,17}$/D', $value) === 1))
            || (is_int($value) && $value < 1)
        ) {
            $fail(__('reps.no-id'));
        }
    }
}
