<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/** Chooses few sets that together weigh enough. Sets and elements are named by their places. */
final class SetCover
{
    private const SLACK = 1e-9;

    /** @var list<int> the best choice so far, while it is searched for */
    private array $best = [];

    private float $bestWeight = -1.0;

    /**
     * @param list<float>     $weights of the elements
     * @param list<list<int>> $sets    elements of each set
     */
    public function __construct(private readonly array $weights, private readonly array $sets) {}

    /** What all sets together weigh. */
    public function most(): float
    {
        return $this->weightOf(array_keys($this->sets));
    }

    /** @param list<int> $picked */
    public function weightOf(array $picked): float
    {
        $covered = [];
        foreach ($picked as $set) {
            $covered += array_fill_keys($this->sets[$set], true);
        }

        return array_sum(array_intersect_key($this->weights, $covered));
    }

    /**
     * The fewest sets that weigh so much; of those the heaviest, of those the first in order. By branch and bound: a
     * choice is given up when what it has and the heaviest of what is left would not do.
     *
     * @return list<int>
     */
    public function exact(float $goal): array
    {
        if ($goal <= self::SLACK) {
            return [];
        }
        $most = count($this->greedy($goal));
        for ($size = $this->bound($goal); $size < $most; $size++) {
            $found = $this->search($goal, $size);
            if ($found !== null) {
                return $found;
            }
        }

        return $this->search($goal, $most) ?? $this->greedy($goal);
    }

    /**
     * Each time the set that adds most, until they weigh enough.
     *
     * @return list<int>
     */
    public function greedy(float $goal): array
    {
        $picked = [];
        $left = $this->weights;
        $weight = 0.0;
        while ($weight < $goal - self::SLACK) {
            [$next, $gain] = $this->heaviest($left);
            if ($gain <= 0.0) {
                break;
            }
            $picked[] = $next;
            $weight += $gain;
            $left = $this->without($left, $next);
        }
        sort($picked);

        return $picked;
    }

    /** No fewer sets than this can weigh so much, were none of them to overlap. */
    public function bound(float $goal): int
    {
        $weights = array_map(
            fn (array $set): float => array_sum(array_intersect_key($this->weights, array_flip($set))),
            $this->sets,
        );
        rsort($weights);
        $count = 0;
        for ($weight = 0.0; $weight < $goal - self::SLACK && $count < count($weights); $count++) {
            $weight += $weights[$count];
        }

        return $count;
    }

    /**
     * The order in which each adds most.
     *
     * @param list<int> $picked
     *
     * @return list<array{int, float}> set, and what it adds
     */
    public function inOrder(array $picked): array
    {
        $ordered = [];
        $left = $this->weights;
        while ($picked !== []) {
            [$next, $gain] = $this->heaviest($left, $picked);
            $ordered[] = [$next, $gain];
            $left = $this->without($left, $next);
            $picked = array_values(array_diff($picked, [$next]));
        }

        return $ordered;
    }

    /**
     * @return list<int>|null the heaviest choice of so many sets that weighs enough, the first in order of those alike
     */
    private function search(float $goal, int $size): ?array
    {
        [$this->best, $this->bestWeight] = [[], $goal - self::SLACK];
        $this->branch([], $this->weights, 0.0, 0, $size);

        return $this->best === [] ? null : $this->best;
    }

    /**
     * @param list<int>         $picked
     * @param array<int, float> $left    weights of the elements not covered yet
     */
    private function branch(array $picked, array $left, float $weight, int $from, int $more): void
    {
        if ($more === 0) {
            if ($weight > $this->bestWeight + ($this->best === [] ? 0.0 : self::SLACK)) {
                [$this->best, $this->bestWeight] = [$picked, $weight];
            }

            return;
        }
        $gains = [];
        for ($set = $from, $count = count($this->sets); $set < $count; $set++) {
            $gain = 0.0;
            foreach ($this->sets[$set] as $element) {
                $gain += $left[$element] ?? 0.0;
            }
            $gains[$set] = $gain;
        }
        // What the heaviest of the rest could add at most, from each set on.
        foreach (array_keys($gains) as $set) {
            $rest = array_slice($gains, $set - $from);
            rsort($rest);
            if (
                count($rest) < $more
                || $weight + array_sum(array_slice($rest, 0, $more))
                    <= $this->bestWeight + ($this->best === [] ? -self::SLACK : self::SLACK)
            ) {
                return;
            }
            $this->branch([...$picked, $set], $this->without($left, $set), $weight + $gains[$set], $set + 1, $more - 1);
        }
    }

    /**
     * @param array<int, float> $left
     * @param list<int>|null    $among
     *
     * @return array{int, float}
     */
    private function heaviest(array $left, ?array $among = null): array
    {
        [$best, $most] = [-1, -1.0];
        foreach ($among ?? array_keys($this->sets) as $set) {
            $gain = 0.0;
            foreach ($this->sets[$set] as $element) {
                $gain += $left[$element] ?? 0.0;
            }
            if ($gain > $most + self::SLACK) {
                [$best, $most] = [$set, $gain];
            }
        }

        return [$best, $most];
    }

    /**
     * @param array<int, float> $left
     *
     * @return array<int, float>
     */
    private function without(array $left, int $set): array
    {
        return array_diff_key($left, array_flip($this->sets[$set]));
    }
}
