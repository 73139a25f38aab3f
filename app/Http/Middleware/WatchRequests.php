<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Watch\Counters;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * Gives each request an id, which its answer, its page of an error and every line of the log about it have; counts it,
 * and writes one line. Addresses, names and what was sent are in none of them.
 */
final class WatchRequests
{
    private const HEADER = 'X-Request-Id';

    public function handle(Request $request, Closure $next): Response
    {
        Context::add('request', $id = Str::lower((string) Str::ulid()));
        $response = $next($request);
        $response->headers->set(self::HEADER, $id);

        return $response;
    }

    /** Of whichever school the request is, once that is known. */
    public static function tellSchool(mixed $user): void
    {
        if ($user instanceof User) {
            Context::add('school', $user->school_id);
        }
    }

    public function terminate(Request $request, Response $response): void
    {
        $seconds = microtime(true) - (float) $request->server('REQUEST_TIME_FLOAT');
        $route = $request->route()?->uri() ?? 'none';
        $method = in_array($request->method(), ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'], true)
            ? $request->method()
            : 'other';
        Counters::request($method, $route, $response->getStatusCode(), $seconds);
        Log::channel('requests')->info("{$method} {$route}", [
            'status' => $response->getStatusCode(),
            'milliseconds' => (int) round(1_000 * $seconds),
            'kilobytes' => intdiv(memory_get_peak_usage(), 1_024),
        ]);
    }
}
