<?php

declare(strict_types=1);

namespace App\Persistence;

/** A text as it is kept: packed, and in letters, which every store takes as they are. */
final readonly class Packed
{
    /** The least effort: what is kept for minutes is not worth more. */
    private const EFFORT = 1;

    public static function pack(string $text): string
    {
        return base64_encode((string) gzcompress($text, self::EFFORT));
    }

    public static function unpack(string $packed): string
    {
        return (string) gzuncompress((string) base64_decode($packed, true));
    }
}
