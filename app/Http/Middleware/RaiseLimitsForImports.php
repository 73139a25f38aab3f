<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Gives a request that reads a whole file more memory than others have. */
final class RaiseLimitsForImports
{
    private const MEMORY = '512M';

    public function handle(Request $request, Closure $next): Response
    {
        $limit = ini_parse_quantity((string) ini_get('memory_limit'));
        if ($limit > 0 && $limit < ini_parse_quantity(self::MEMORY)) {
            ini_set('memory_limit', self::MEMORY);
        }

        return $next($request);
    }
}
