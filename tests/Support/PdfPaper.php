<?php

declare(strict_types=1);

namespace Tests\Support;

/** What a PDF draws on paper, read from the PDF itself. */
final class PdfPaper
{
    private const MM = 25.4 / 72;

    public static function pages(string $pdf): int
    {
        return preg_match_all('~/Type /Page\b~', $pdf);
    }

    /** @return list<array{float, float}> across and up, millimetres, of each straight line */
    public static function lines(string $pdf): array
    {
        $lines = [];
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);
        foreach ($streams[1] as $stream) {
            $text = @gzuncompress($stream);
            if ($text !== false && preg_match('/\b(l|cm)\b/', $text) === 1) {
                array_push($lines, ...self::follow($text));
            }
        }

        return $lines;
    }

    /** @return list<array{float, float}> */
    private static function follow(string $text): array
    {
        $lines = [];
        [$matrix, $kept, $operands, $at] = [[1.0, 0.0, 0.0, 1.0], [], [], [0.0, 0.0]];
        foreach (preg_split('/\s+/', $text) ?: [] as $word) {
            if (is_numeric($word)) {
                $operands[] = (float) $word;

                continue;
            }
            [$given, $operands] = [$operands, []];
            if (count($given) !== (['m' => 2, 'l' => 2, 'cm' => 6][$word] ?? 0)) {
                // Letters of a text that only look like an instruction.
                continue;
            }
            if ($word === 'q') {
                $kept[] = $matrix;
            } elseif ($word === 'Q') {
                $matrix = array_pop($kept) ?? $matrix;
            } elseif ($word === 'cm') {
                [$a, $b, $c, $d] = $given;
                [$e, $f, $g, $h] = $matrix;
                $matrix = [$a * $e + $b * $g, $a * $f + $b * $h, $c * $e + $d * $g, $c * $f + $d * $h];
            } elseif ($word === 'm') {
                $at = $given;
            } elseif ($word === 'l') {
                $lines[] = self::onPaper($matrix, $given[0] - $at[0], $given[1] - $at[1]);
                $at = $given;
            }
        }

        return $lines;
    }

    /**
     * @param array{float, float, float, float} $matrix
     *
     * @return array{float, float}
     */
    private static function onPaper(array $matrix, float $across, float $up): array
    {
        [$a, $b, $c, $d] = $matrix;

        return [abs($a * $across + $c * $up) * self::MM, abs($b * $across + $d * $up) * self::MM];
    }
}
