<?php

declare(strict_types=1);

namespace App\Auth;

/** Codes that are read from a screen or a card and typed elsewhere. A hash alone is kept of them. */
final readonly class CardCode
{
    /** Letters and digits that are not taken for each other. */
    private const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

    private const LENGTH = 12;

    /** A code that nobody guesses: twelve signs, sixty bits. */
    public static function make(): string
    {
        $code = '';
        for ($place = 0; $place < self::LENGTH; $place++) {
            $code .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        }

        return $code;
    }

    /** A code as it is shown. */
    public static function spaced(string $code): string
    {
        return implode(' ', str_split($code, 4));
    }

    /** What is kept of a code, however it is typed. */
    public static function hash(string $code): string
    {
        return hash('sha256', strtoupper((string) preg_replace('/[^A-Za-z0-9]/', '', $code)));
    }
}
