<?php

declare(strict_types=1);

namespace App\Auth;

use Illuminate\Support\Str;

/** What a device or a program shows again and again, or a link carries. A hash alone is kept of it. */
final readonly class Secret
{
    private const LENGTH = 40;

    public static function make(): string
    {
        return Str::random(self::LENGTH);
    }

    public static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
