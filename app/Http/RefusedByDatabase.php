<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is answered when the database itself refuses a value: a last line behind the rules of forms and files. */
final readonly class RefusedByDatabase
{
    /** Codes of SQLSTATE: a text too long, a number or a moment out of range, no text, a limit of a table. */
    private const STATES = [
        '22001', '22003', '22007', '22008', '22021', '22P02', '22P05', '23502', '23503', '23505', '23514',
    ];

    public static function isMeant(QueryException $exception): bool
    {
        return in_array((string) $exception->getCode(), self::STATES, true);
    }

    public static function response(Request $request): Response|JsonResponse
    {
        $text = __('errors.refused-by-database');

        return $request->expectsJson()
            ? response()->json(['message' => $text], 422)
            : response()->view('errors.422', ['text' => $text], 422);
    }
}
