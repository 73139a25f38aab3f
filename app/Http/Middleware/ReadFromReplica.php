<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Persistence\SecondWall;
use Closure;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets a page that only looks read from a copy of the database, where there is one: as long as the copy has everything
 * that whoever asks has written. A copy that is away or behind is not read from.
 */
final class ReadFromReplica
{
    public function handle(Request $request, Closure $next): Response
    {
        if (config('installation.replica') !== true || ! $request->isMethodSafe()) {
            return $next($request);
        }
        $wrote = $request->session()->get(RememberWrites::KEY);
        $school = $request->user()?->school_id;
        DB::connection()->setReadPdo(
            static fn (): PDO => self::copy(is_string($wrote) ? $wrote : null, $school) ?? DB::connection()->getPdo(),
        );

        return $next($request);
    }

    /** After a file that is read while it is sent. */
    public function terminate(): void
    {
        DB::connection()->setReadPdo(null);
    }

    /**
     * @param ?string $wrote  place in the log of writes up to which it must have come; null for none
     * @param ?int    $school of whom it shows rows; null for all
     */
    private static function copy(?string $wrote, ?int $school): ?PDO
    {
        try {
            $copy = DB::connection('replica');
            // What is no copy, but the one that is written to, has everything.
            $has = $wrote === null
            || $copy->scalar('select not pg_is_in_recovery() or pg_last_wal_replay_lsn() >= ?::pg_lsn', [$wrote])
                === true;

            if ($has && $school !== null) {
                SecondWall::keepTo($copy, $school);
            }

            return $has ? $copy->getPdo() : null;
        } catch (QueryException | PDOException) {
            return null;
        }
    }
}
