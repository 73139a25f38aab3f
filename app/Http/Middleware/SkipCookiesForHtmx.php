<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A part of a page sets no cookie: one that comes late would put back the session of whoever has signed out meanwhile,
 * on a device that several people use.
 */
final class SkipCookiesForHtmx
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($request->headers->has('HX-Request')) {
            $response->headers->remove('Set-Cookie');
        }

        return $response;
    }
}
