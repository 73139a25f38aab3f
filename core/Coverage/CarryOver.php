<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use LogicException;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beats;

/** How much of an answer is known from another one, or from its mirror. */
final readonly class CarryOver
{
    /**
     * Share of B's actions that A brings along, 0 to 1: the best global alignment of B with A or with A mirrored
     * (Needleman & Wunsch 1970, gaps and mismatches for nothing), by B's length.
     */
    public static function from(Beats $a, Beats $b): float
    {
        $tokens = self::tokens($b);

        return max(self::alignment(self::tokens($a), $tokens), self::alignment(self::tokens($a->mirror()), $tokens))
            / count($tokens);
    }

    /** @return non-empty-list<Token> */
    private static function tokens(Beats $beats): array
    {
        return array_map(
            static fn (Action $action): Token => Token::of($action),
            $beats->actions() ?: throw new LogicException('A beat has an action.'),
        );
    }

    /**
     * @param non-empty-list<Token> $a
     * @param non-empty-list<Token> $b
     */
    private static function alignment(array $a, array $b): float
    {
        $above = array_fill(0, count($b) + 1, 0.0);
        foreach ($a as $left) {
            $row = [0.0];
            foreach ($b as $j => $right) {
                $row[] = max($above[$j] + $left->likeness($right), $above[$j + 1], $row[$j]);
            }
            $above = $row;
        }

        return $above[count($b)];
    }
}
