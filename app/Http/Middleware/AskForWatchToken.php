<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Lets in who has the token of whoever runs this installation. Without one there is nothing here to be found. */
final class AskForWatchToken
{
    public function handle(Request $request, Closure $next): Response
    {
        $token = (string) config('installation.watch-token');
        if ($token === '' || ! hash_equals($token, (string) $request->bearerToken())) {
            throw new NotFoundHttpException();
        }

        return $next($request);
    }
}
