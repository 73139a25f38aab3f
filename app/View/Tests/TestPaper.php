<?php

declare(strict_types=1);

namespace App\View\Tests;

use App\Models\Test;

/** How a test and its certificate look on paper. */
final class TestPaper
{
    /** Points that the lines of a list share on a page of A4. */
    private const HEIGHT = 620;

    /** Points by letters of a line of a certificate. */
    private const WIDTH = 960;

    public static function styleOf(Test $test): string
    {
        return self::style($test->items->count() + $test->solos->count(), $test->candidates->count());
    }

    /** The more lines there are, the lower each is, so that all are on one page. */
    private static function style(int $items, int $candidates): string
    {
        $line = max(7, min(20, intdiv(self::HEIGHT, max(1, $items + 2))));
        $size = max(5, min(9, $line - 5));
        $name = max(5, min(9, 40 - 2 * $candidates));

        return "@page { margin: 12mm; } body { font-size: {$size}pt; } h1 { font-size: 14pt; margin: 0 0 4pt; } p { font-size: 7pt; margin: 2pt 0; } table { border-collapse: collapse; width: 100%; } th, td { border: 0.5pt solid #777; padding: 0 2pt; height: {$line}pt; line-height: 1; } th { font-size: {$name}pt; } td:first-child { width: 40%; }";
    }

    /** Long names are written smaller, so that all of it is on one page. */
    public static function certificate(string $student, string $rank): string
    {
        [$name, $title] = [self::fitting($student, 30), self::fitting($rank, 38)];

        return "@page { margin: 18mm; } body { text-align: center; border: 2pt solid #232a2e; padding: 14mm 10mm; } h1 { font-size: {$name}pt; margin: 0; } .rank { font-size: {$title}pt; margin: 7mm 0; } p { font-size: 13pt; } .sign { margin-top: 18mm; border-top: 1pt solid #232a2e; width: 70mm; margin-left: auto; margin-right: auto; }";
    }

    /** Points at which a text takes little more than a line. */
    private static function fitting(string $text, int $most): int
    {
        return max(12, min($most, intdiv(self::WIDTH, max(1, mb_strlen($text)))));
    }
}
