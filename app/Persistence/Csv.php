<?php

declare(strict_types=1);

namespace App\Persistence;

/** Lines of comma-separated values as RFC 4180 has them, which a spreadsheet cannot take for formulas. */
final readonly class Csv
{
    /** How a formula begins, after spaces and in full-width signs too; and what was made text before. */
    private const FORMULA = "'*[\\s\\p{Z}\\p{C}]*[=+\\-@|%\u{FF1D}\u{FF0B}\u{FF0D}\u{FF20}\u{2212}\t\r\n]";

    /**
     * @param resource     $stream
     * @param list<string> $fields
     */
    public static function line($stream, array $fields): void
    {
        fputcsv($stream, array_map(self::safe(...), $fields), escape: '', eol: "\r\n");
    }

    /** What a spreadsheet would take for a formula is text with an apostrophe before it. */
    public static function safe(string $value): string
    {
        return preg_match('/^'.self::FORMULA.'/u', $value) === 1 ? "'".$value : $value;
    }

    /** A field as it was before it was written. */
    public static function plain(?string $value): string
    {
        return preg_replace("/^'(?=".self::FORMULA.')/u', '', trim((string) $value)) ?? '';
    }
}
