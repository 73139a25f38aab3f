<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Tells the browser to run and load nothing but what this application ships. */
final class SecurityHeaders
{
    private const POLICY
        = "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
        ."connect-src 'self'; object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add([
            // Files that somebody has sent say a stricter one themselves.
            'Content-Security-Policy' => $response->headers->get('Content-Security-Policy', self::POLICY),
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
        ]);
        // What a school holds is for nobody's cache: not for Back, not for whoever uses the device next.
        if ($request->user() !== null) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }
        // Once it was reached over TLS, a browser never asks in the clear again.
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }

        return $response;
    }
}
