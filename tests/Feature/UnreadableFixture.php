<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** What the tests of Unreadable share. */
final class UnreadableFixture
{
    /** Writes what no form lets through, as somebody would who writes to the database past it. */
    public static function spoil(string $table, int $id, array $columns): void
    {
        DB::statement("alter table {$table} disable trigger user");
        DB::table($table)->where('id', $id)->update($columns);
        DB::statement("alter table {$table} enable trigger user");
    }
}
