<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Remembers how far the log of the database had come when somebody last wrote something: a copy that is behind is not
 * for them.
 */
final class RememberWrites
{
    public const KEY = 'wrote';

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if (
            config('installation.replica') === true
            && ! $request->isMethodSafe()
            && $request->hasSession()
            && DB::connection()->hasModifiedRecords()
        ) {
            $request->session()->put(self::KEY, DB::scalar('select pg_current_wal_lsn()::text'));
        }

        return $response;
    }
}
