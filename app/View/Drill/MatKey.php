<?php

declare(strict_types=1);

namespace App\View\Drill;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;

/**
 * What a device seals with what it keeps of people for a time without a network. It lives as long as the session, in a
 * cookie that the mat's own script reads: when the session is over, so is what was sealed.
 */
final readonly class MatKey
{
    public const COOKIE = 'stone_drill_mat';

    private const PATH = '/mat';

    public static function give(Request $request): void
    {
        $session = $request->session();
        $key = $session->get('mat_key');
        if (! is_string($key)) {
            $session->put('mat_key', $key = bin2hex(random_bytes(32)));
        }
        Cookie::queue(
            Cookie::make(
                self::COOKIE,
                $key,
                (int) config('session.lifetime'),
                self::PATH,
                httpOnly: false,
                sameSite: 'strict',
            ),
        );
    }

    public static function take(): void
    {
        Cookie::queue(Cookie::forget(self::COOKIE, self::PATH));
    }
}
