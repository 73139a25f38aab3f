<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Page;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Serves so many requests of a school at once on this machine, where several share it: what is more is asked to come
 * again, so that somebody is left to serve the others.
 */
final class KeepShare
{
    /** Seconds after which the place of a process that was killed is free again: longer than a request may take. */
    private const FREED = 160;

    /** Seconds after which whoever was sent away asks again. */
    private const AGAIN = 2;

    public function handle(Request $request, Closure $next): Response
    {
        $most = config('installation.at-once');
        $user = $request->user();
        if ($most < 1 || ! ($user instanceof User)) {
            return $next($request);
        }

        $isServed = false;
        try {
            // Files of this machine: nobody is asked for a place whom this is to keep free.
            return Cache::store('file')
                ->funnel("school-{$user->school_id}-at-work-")
                ->limit($most)
                ->releaseAfter(self::FREED)
                ->block(0)
                ->then(static function () use ($request, $next, &$isServed): Response {
                    $isServed = true;

                    return $next($request);
                }, static fn (): Response => self::later($request));
        } catch (Throwable $error) {
            // Where the disk takes no file, such as a full one, everybody is served as they come.
            report_unless($isServed, $error);

            return $isServed ? throw $error : $next($request);
        }
    }

    private static function later(Request $request): Page|JsonResponse
    {
        $text = __($request->isMethodSafe() ? 'errors.share' : 'errors.share-sent');
        $headers = ['Retry-After' => (string) self::AGAIN];

        return $request->expectsJson()
            ? response()->json(['message' => $text], 429, $headers)
            // What was only looked at is asked for again by itself; what was sent is in its form.
            : response()->view(
                'errors.away',
                ['title' => __('errors.429.title'), 'text' => $text],
                429,
                $request->isMethodSafe() ? [...$headers, 'Refresh' => (string) self::AGAIN] : $headers,
            );
    }
}
