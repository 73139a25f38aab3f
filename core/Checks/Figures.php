<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Text;

/** How findings tell their figures. */
final class Figures
{
    /** Digits that are added at most: less than that apart is nothing that a body does. */
    private const MORE_DIGITS = 4;

    /** Whole centimetres; with one more digit where they would round like the limit beside which they are read. */
    public static function beside(float $metres, float $limit): string
    {
        return round(100 * $metres) === round(100 * $limit)
            ? self::decimals(100 * $metres, 1)
            : self::something($metres);
    }

    /**
     * A figure and the limit that it breaks, with as many more digits as it takes for them to be read as two.
     *
     * @param int $digits after the point, where that is enough
     *
     * @return array{string, string}
     */
    public static function apart(float $figure, float $limit, int $digits): array
    {
        $most = $digits + self::MORE_DIGITS;
        while ($digits < $most && self::decimals($figure, $digits) === self::decimals($limit, $digits)) {
            $digits++;
        }

        return [self::decimals($figure, $digits), self::decimals($limit, $digits)];
    }

    /** @param float $metres how much is missing; below 0 there is some to spare */
    public static function missing(float $metres): Text
    {
        return Text::of($metres >= 0 ? 'figures.missing' : 'figures.to-spare', ['cm' => self::something(abs($metres))]);
    }

    /** Whole centimetres; with as many more digits as it takes not to read as nothing. */
    private static function something(float $metres): string
    {
        return $metres === 0.0 ? '0' : self::apart(100 * $metres, 0.0, 0)[0];
    }

    /** @param float $off degrees off the attacker's facing */
    public static function side(float $off): Text
    {
        return match (true) {
            abs($off) <= 45 => Text::of('figures.in-front'),
            abs($off) <= 135 => Text::of('figures.to-the-side', ['degrees' => (int) round(abs($off))]),
            default => Text::of('figures.behind'),
        };
    }

    /** A figure with so many digits after the point. */
    public static function decimals(float $figure, int $digits): string
    {
        return sprintf("%.{$digits}f", $figure);
    }
}
