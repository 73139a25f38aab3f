<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\ErrorHandler\Error\FatalError;

/** What is answered when a request takes more memory or more time than one may. */
final readonly class BeyondLimits
{
    /** Room to say so, in bytes, once the rest is used up. */
    private const ROOM = 32_000_000;

    public static function isMeant(FatalError $error): bool
    {
        return preg_match('/Allowed memory size|Maximum execution time/', $error->getMessage()) === 1;
    }

    public static function response(FatalError $error, Request $request): Response|JsonResponse
    {
        $isMemory = str_contains($error->getMessage(), 'memory');
        $limit = $isMemory ? (string) ini_get('memory_limit') : ini_get('max_execution_time').' s';
        ini_set('memory_limit', (string) (memory_get_usage(true) + self::ROOM));
        set_time_limit(5);
        $text = __($isMemory ? 'errors.memory' : 'errors.time', ['limit' => $limit]);

        return $request->expectsJson()
            ? response()->json(['message' => $text], 413)
            : response()->view('errors.away', ['title' => __('errors.413.title'), 'text' => $text], 413);
    }
}
