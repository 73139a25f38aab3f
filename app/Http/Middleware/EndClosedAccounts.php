<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Auth\SessionEnd;
use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Signs out whoever's account was closed in the meantime. */
final class EndClosedAccounts
{
    /** @throws AuthenticationException when the account is closed */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->isClosed()) {
            SessionEnd::of($request);

            throw new AuthenticationException();
        }

        return $next($request);
    }
}
