<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;

/**
 * Which beat of one answer stands beside which of another: the best global alignment (Needleman & Wunsch 1970, gaps for
 * nothing) by how alike their actions are ({@see Token}).
 */
final readonly class BeatAlignment
{
    /** @return list<array{?int, ?int}> positions from 0, in order; null where the other has nothing beside it */
    public static function of(Beats $a, Beats $b): array
    {
        [$left, $right] = [array_map(self::tokens(...), $a->line), array_map(self::tokens(...), $b->line)];
        $best = self::table($left, $right);
        $pairs = [];
        [$i, $j] = [count($left), count($right)];
        while ($i > 0 || $j > 0) {
            $like = $i > 0 && $j > 0 ? self::likeness($left[$i - 1], $right[$j - 1]) : 0.0;
            if ($like > 0 && abs($best[$i][$j] - $best[$i - 1][$j - 1] - $like) < 1e-9) {
                $pairs[] = [--$i, --$j];
            } elseif ($j > 0 && ($i === 0 || $best[$i][$j - 1] >= $best[$i - 1][$j] - 1e-9)) {
                $pairs[] = [null, --$j];
            } else {
                $pairs[] = [--$i, null];
            }
        }

        return self::joined(array_reverse($pairs));
    }

    /**
     * What stands alone on one side and what stands alone on the other just after is one instead of the other.
     *
     * @param list<array{?int, ?int}> $pairs
     *
     * @return list<array{?int, ?int}>
     */
    private static function joined(array $pairs): array
    {
        $joined = [];
        foreach ($pairs as [$i, $j]) {
            $last = array_pop($joined);
            if ($last !== null && $last[1] === null && $i === null) {
                $joined[] = [$last[0], $j];
            } elseif ($last !== null && $last[0] === null && $j === null) {
                $joined[] = [$i, $last[1]];
            } else {
                $joined = [...$joined, ...$last === null ? [] : [$last], [$i, $j]];
            }
        }

        return $joined;
    }

    /**
     * @param list<list<Token>> $left
     * @param list<list<Token>> $right
     *
     * @return array<int, array<int, float>>
     */
    private static function table(array $left, array $right): array
    {
        $best = [array_fill(0, count($right) + 1, 0.0)];
        foreach ($left as $i => $tokens) {
            $row = [0.0];
            foreach ($right as $j => $other) {
                $row[] = max($best[$i][$j] + self::likeness($tokens, $other), $best[$i][$j + 1], $row[$j]);
            }
            $best[] = $row;
        }

        return $best;
    }

    /**
     * How alike two beats are, 0 to 1: each action of the one beside the most like one of the other.
     *
     * @param list<Token> $a
     * @param list<Token> $b
     */
    private static function likeness(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $token) {
            $sum += max([0.0, ...array_map($token->likeness(...), $b)]);
        }

        return $sum / max(1, count($a), count($b));
    }

    /** @return list<Token> */
    private static function tokens(Beat $beat): array
    {
        return array_map(static fn (Action $action): Token => Token::of($action), $beat->actions);
    }
}
