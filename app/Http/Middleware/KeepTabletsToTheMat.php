<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Auth\BenchTablet;
use App\Auth\SessionEnd;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever signed in by a PIN on a bench tablet may record there and nothing else, for as long as the tablet is the
 * school's.
 */
final class KeepTabletsToTheMat
{
    private const OPEN = ['mat', 'mat.*', 'record', 'record.*', 'reps.store', 'sign-out'];

    /** @throws AuthenticationException when the school has ended the tablet */
    public function handle(Request $request, Closure $next): Response
    {
        if (! BenchTablet::isSignedIn($request)) {
            return $next($request);
        }
        if (! BenchTablet::isStillPaired($request)) {
            SessionEnd::of($request);

            throw new AuthenticationException();
        }
        if ($request->routeIs('home')) {
            return redirect()->route('mat');
        }
        abort_unless($request->routeIs(...self::OPEN), 403, __('tablets.only-the-mat'));

        return $next($request);
    }
}
