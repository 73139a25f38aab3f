<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Session\Store;
use Symfony\Component\HttpFoundation\Response;

/**
 * A part of a page reads the session and does not write it: it runs beside other requests, and would put back what one
 * of them has changed since, such as the word that something is saved.
 */
final class SkipSessionWriteForHtmx
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $session = $request->hasSession() ? $request->session() : null;
        if ($request->headers->has('HX-Request') && $session instanceof Store) {
            $session->setHandler(new NullSessionHandler());
        }

        return $response;
    }
}
