<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Answer\Action;
use StoneDrill\Core\Answer\Beats;

/**
 * Answers that are known already, and how much of a further one they bring along: as {@see CarryOver} from each of them, with
 * every sequence of actions compared once, however many answers share it.
 */
final class Repertoire
{
    /** @var array<string, int> number of each action, by its content */
    private array $numbers = [];

    /** @var list<Token> by number */
    private array $tokens = [];

    /** @var array<int, array<int, float>> likeness of two actions, by their numbers */
    private array $likeness = [];

    /** @var array<string, list<int>> sequences that are known, as done and mirrored */
    private array $known = [];

    public function learn(Beats $beats): void
    {
        foreach ([$beats, $beats->mirror()] as $one) {
            $sequence = $this->sequence($one);
            $this->known[implode(' ', $sequence)] = $sequence;
        }
    }

    /** The largest share of its actions that one of the known answers brings along, 0 to 1. */
    public function bringsAlong(Beats $beats): float
    {
        $sequence = $this->sequence($beats);
        if (isset($this->known[implode(' ', $sequence)])) {
            return 1.0;
        }
        $best = 0.0;
        foreach ($this->known as $known) {
            // No alignment is longer than the shorter of the two.
            if (min(count($known), count($sequence)) > $best) {
                $best = max($best, $this->alignment($known, $sequence));
            }
        }

        return $best / count($sequence);
    }

    /**
     * @param list<int> $a
     * @param list<int> $b
     */
    private function alignment(array $a, array $b): float
    {
        $above = array_fill(0, count($b) + 1, 0.0);
        foreach ($a as $left) {
            $row = [$last = 0.0];
            foreach ($b as $j => $right) {
                $row[] = $last = max($above[$j] + ($this->likeness[$left][$right] ??= $this->tokens[$left]->likeness($this->tokens[$right])), $above[$j + 1], $last);
            }
            $above = $row;
        }

        return $above[count($b)];
    }

    /** @return list<int> */
    private function sequence(Beats $beats): array
    {
        return array_map(function (Action $action): int {
            $token = Token::of($action);
            $content = serialize($token);
            if (! isset($this->numbers[$content])) {
                $this->numbers[$content] = count($this->tokens);
                $this->tokens[] = $token;
            }

            return $this->numbers[$content];
        }, $beats->actions());
    }
}
