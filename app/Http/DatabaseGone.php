<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is answered while the database is away: it comes back, and nothing is lost meanwhile. */
final readonly class DatabaseGone
{
    /** Classes and codes of SQLSTATE: connection lost or refused, server shutting down or starting. */
    private const STATES = ['/^08/', '/^57P0[1-3]$/'];

    private const SECONDS = '5';

    public static function isMeant(QueryException $exception): bool
    {
        $state = (string) $exception->getCode();
        foreach (self::STATES as $pattern) {
            if (preg_match($pattern, $state) === 1) {
                return true;
            }
        }

        // The driver says no state for a connection that it could not make, or lost while it waited.
        return preg_match(
            '/server closed the connection|could not connect|Connection refused|connection to server/i',
            $exception->getMessage(),
        ) === 1;
    }

    public static function response(Request $request): Response|JsonResponse
    {
        $text = __('errors.database-away');
        $headers = ['Retry-After' => self::SECONDS];

        return $request->expectsJson()
            ? response()->json(['message' => $text], 503, $headers)
            : response()->view('errors.away', ['text' => $text], 503, $headers);
    }
}
