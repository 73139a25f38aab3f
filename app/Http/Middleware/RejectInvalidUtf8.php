<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Turns away what is no text: bytes that are not UTF-8, and the zero byte, which the database cannot keep. */
final class RejectInvalidUtf8
{
    public function handle(Request $request, Closure $next): Response
    {
        $input = [...$request->query(), ...$request->request->all()];
        abort_unless(self::isReadable($input), 400);

        return $next($request);
    }

    /** Names of fields are looked at as well as what is in them. */
    private static function isReadable(mixed $value): bool
    {
        if (is_array($value)) {
            return array_filter(array_keys($value), static fn (int|string $key): bool => ! self::isReadable($key))
                === [] && array_filter($value, static fn (mixed $one): bool => ! self::isReadable($one)) === [];
        }

        return ! is_string($value) || (mb_check_encoding($value, 'UTF-8') && ! str_contains($value, "\0"));
    }
}
