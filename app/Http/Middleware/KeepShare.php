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

/**
 * Serves so many requests of a school at once on this machine, where several share it: what is more is asked to come again, so that
 * somebody is left to serve the others.
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
        if ($most < 1 || ! $user instanceof User) {
            return $next($request);
        }

        // Files of this machine: nobody is asked for a place whom this is to keep free.
        return Cache::store('file')->funnel("school-{$user->school_id}-at-work-")->limit($most)->releaseAfter(self::FREED)->block(0)->then(
            static fn (): Response => $next($request),
            static fn (): Response => self::later($request),
        );
    }

    private static function later(Request $request): Page|JsonResponse
    {
        $text = __('errors.share');
        $headers = ['Retry-After' => (string) self::AGAIN];

        return $request->expectsJson()
            ? response()->json(['message' => $text], 429, $headers)
            // What was only looked at is asked for again by itself; what was sent is in its form.
            : response()->view('errors.away', ['title' => __('errors.429.title'), 'text' => $text], 429, $request->isMethodSafe() ? [...$headers, 'Refresh' => (string) self::AGAIN] : $headers);
    }
}
