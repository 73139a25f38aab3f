<?php

declare(strict_types=1);

namespace App\Persistence;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The id of a row in the open file, made from its name. */
final readonly class Code
{
    private const TRIES = 3;

    /**
     * Adds a row to a school under a code that no other has, such as `long-gate` or `long-gate-2`. When somebody else
     * takes the code in the same moment, the next one is tried.
     *
     * @template T of Model
     * @template S of Model
     *
     * @param HasMany<T, S>        $rows
     * @param array<string, mixed> $columns
     *
     * @return T
     */
    public static function create(HasMany $rows, string $name, array $columns): Model
    {
        return retry(
            self::TRIES,
            static fn (): Model => DB::transaction(
                static fn (): Model => $rows->create([...$columns, 'code' => self::free($rows, $name)]),
            ),
            when: static fn ($error): bool => $error instanceof UniqueConstraintViolationException,
        );
    }

    /** @param HasMany<covariant Model, covariant Model> $rows */
    private static function free(HasMany $rows, string $name): string
    {
        $base = Str::limit(Str::slug($name), 100, '') ?: 'unnamed';
        $taken = (clone $rows)
            ->where(static fn ($query) => $query->where('code', $base)->orWhereLike('code', $base.'-%'))
            ->pluck('code')
            ->flip();
        $code = $base;
        for ($number = 2; isset($taken[$code]); $number++) {
            $code = $base.'-'.$number;
        }

        return $code;
    }
}
