<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Auth\BenchTablet;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Leads a head without second factor to where one is set up, where the school asks for it. */
final class AskForSecondFactor
{
    private const OPEN = ['account', 'account.*', 'factor.*', 'sign-out'];

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        // On a bench tablet a PIN lets in to the Mat alone.
        $lacksIt = ! BenchTablet::isSignedIn($request)
        && $user instanceof User
        && $user->role->runsSchool()
        && $user->totp_since === null
        && $user->school->heads_need_totp;

        return $lacksIt && ! $request->routeIs(...self::OPEN)
            ? redirect()->route('account')->with('error', __('account.factor.needed'))
            : $next($request);
    }
}
