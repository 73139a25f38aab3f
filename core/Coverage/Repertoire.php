<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beats;

/**
 * Answers that are known already, and how much of a further one they bring along: as {@see CarryOver} from each of
 * them, with every sequence of actions compared once, however many answers share it.
 */
final class Repertoire
{
    /** @var array<string, int> number of each action, by its content */
    private array $numbers = [];

    /** @var list<Token> by number */
    private array $tokens = [];

    /** @var array<int, array<int, float>> likeness of two actions, by their numbers */
    private array $likeness = [];

    /** @var list<list<int>> sequences that are known, as done and mirrored */
    private array $known = [];

    /** @var array<string, true> the same, by what they hold */
    private array $isKnown = [];

    /**
     * @var array<string, array<int, true>> places of the sequences that have an action, or one like it, by what is
     *     alike
     */
    private array $places = [];

    public function learn(Beats $beats): void
    {
        foreach ([$beats, $beats->mirror()] as $one) {
            $sequence = $this->sequence($one);
            $content = implode(' ', $sequence);
            if (isset($this->isKnown[$content])) {
                continue;
            }
            $this->isKnown[$content] = true;
            foreach (array_unique($sequence) as $number) {
                foreach ($this->tokens[$number]->likenesses() as $alike => $more) {
                    $this->places[$alike][count($this->known)] = true;
                }
            }
            $this->known[] = $sequence;
        }
    }

    /** The largest share of its actions that one of the known answers brings along, 0 to 1. */
    public function bringsAlong(Beats $beats): float
    {
        $sequence = $this->sequence($beats);
        if (isset($this->isKnown[implode(' ', $sequence)])) {
            return 1.0;
        }
        $best = 0.0;
        $most = $this->atMost($sequence);
        arsort($most);
        foreach ($most as $place => $bound) {
            // The rest can bring no more than it has in common, whatever the order.
            if ($bound <= $best + 1e-9) {
                break;
            }
            $best = max($best, $this->alignment($this->known[$place], $sequence));
        }

        return $best / count($sequence);
    }

    /**
     * What each known sequence could bring along were the order of its actions free: of every action the most that it
     * has in common with one of them.
     *
     * @param list<int> $sequence
     *
     * @return array<int, float> by its place
     */
    private function atMost(array $sequence): array
    {
        $most = [];
        foreach (array_count_values($sequence) as $number => $times) {
            foreach ($this->tokens[$number]->likenesses() as $alike => $more) {
                foreach ($this->places[$alike] ?? [] as $place => $has) {
                    $most[$place] = ($most[$place] ?? 0.0) + $times * $more;
                }
            }
        }

        return $most;
    }

    /**
     * @param list<int> $a
     * @param list<int> $b
     */
    private function alignment(array $a, array $b): float
    {
        $above = array_fill(0, count($b) + 1, 0.0);
        foreach ($a as $left) {
            $row = [($last = 0.0)];
            foreach ($b as $j => $right) {
                $row[] = $last = max(
                    $above[$j]
                        + ($this->likeness[$left][$right] ??= $this->tokens[$left]->likeness($this->tokens[$right])),
                    $above[$j + 1],
                    $last,
                );
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
