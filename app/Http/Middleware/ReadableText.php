<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Turns away what is no text: bytes that are not UTF-8, and the zero byte, which the database cannot keep. */
final class ReadableText
{
    public function handle(Request $request, Closure $next): Response
    {
        $input = [...$request->query(), ...$request->request->all()];
        array_walk_recursive($input, static function (mixed $value): void {
            abort_if(is_string($value) && (! mb_check_encoding($value, 'UTF-8') || str_contains($value, "\0")), 400);
        });

        return $next($request);
    }
}
