<?php

declare(strict_types=1);

namespace App\Catalogue;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;

/** The id of a row in the open file, made from its name. */
final readonly class Code
{
    /** A code that no other row of the school has, such as `long-gate` or `long-gate-2`. */
    public static function for(HasMany $rows, string $name): string
    {
        $base = Str::limit(Str::slug($name), 100, '') ?: 'unnamed';
        $taken = (clone $rows)->where(static fn ($query) => $query->where('code', $base)->orWhereLike('code', $base.'-%'))->pluck('code')->flip();
        $code = $base;
        for ($number = 2; isset($taken[$code]); $number++) {
            $code = $base.'-'.$number;
        }

        return $code;
    }
}
