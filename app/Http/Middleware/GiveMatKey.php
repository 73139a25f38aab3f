<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\View\Drill\MatKey;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Gives the Mat its key with every page of it, one that was drawn before too. */
final class GiveMatKey
{
    public function handle(Request $request, Closure $next): Response
    {
        MatKey::give($request);

        return $next($request);
    }
}
