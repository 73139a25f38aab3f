<?php

declare(strict_types=1);

namespace App\Persistence;

use Illuminate\Support\Facades\DB;

/** Writes what is only kept so that nobody has to work it out again: to whoever looks, nothing has changed by it. */
final class Aside
{
    /**
     * @template T
     *
     * @param callable(): T $write
     *
     * @return T
     */
    public static function keep(callable $write): mixed
    {
        $connection = DB::connection();
        $hadWritten = $connection->hasModifiedRecords();
        try {
            return $write();
        } finally {
            $connection->setRecordModificationState($hadWritten);
        }
    }
}
