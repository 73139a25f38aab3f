<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

use Random\Randomizer;

/**
 * Rows one by one, each the best of some candidates (Cohen, Dalal, Fredman & Patton 1997): a candidate begins with the
 * value that has most pairs left, takes the other parameters in a drawn order, and for each the value that meets most
 * pairs not met yet.
 */
final class Greedy
{
    private const CANDIDATES = 3;

    /** @var list<int> with how many others each parameter cannot be chosen freely */
    private array $degrees;

    public function __construct(
        private readonly Places $places,
        private readonly Feasible $feasible,
        private readonly Randomizer $random,
    ) {
        $this->degrees = array_map($feasible->degree(...), array_keys($places->sizes));
    }

    /**
     * @param array<int, true> $wanted pairs, each the lower place · all + the higher
     *
     * @return list<list<int>> value of each parameter, by row
     */
    public function rows(array $wanted): array
    {
        // How many pairs are left of each value, by its place.
        $open = array_fill(0, max(1, $this->places->all), 0);
        $partners = array_fill(0, max(1, $this->places->all), []);
        foreach (array_keys($wanted) as $pair) {
            [$a, $b] = [intdiv($pair, $this->places->all), $pair % $this->places->all];
            $open[$a]++;
            $open[$b]++;
            $partners[$a][$b] = $partners[$b][$a] = true;
        }
        $rows = [];
        $missing = count($wanted);
        while ($missing > 0) {
            $best = [];
            $most = -1;
            for ($i = 0; $i < self::CANDIDATES; $i++) {
                [$row, $met] = $this->candidate($this->begin($open, $partners), $partners);
                if ($met > $most) {
                    [$best, $most] = [$row, $met];
                }
            }
            $places = $this->places->of($best);
            foreach ($places as $a => $from) {
                foreach (array_slice($places, $a + 1) as $to) {
                    if (isset($partners[$from][$to])) {
                        unset($partners[$from][$to], $partners[$to][$from]);
                        $open[$from]--;
                        $open[$to]--;
                        $missing--;
                    }
                }
            }
            $rows[] = $best;
        }

        return $rows;
    }

    /**
     * A whole row that goes on from a beginning.
     *
     * @param array<int, int>              $begun    values by parameter, which some whole row contains
     * @param array<int, array<int, true>> $partners the places that each is to be met with
     *
     * @return array{list<int>, int} the row, and how many pairs it meets that are left, about
     */
    public function candidate(array $begun, array $partners): array
    {
        $order = $this->random->shuffleArray(
            array_values(array_diff(array_keys($this->places->sizes), array_keys($begun))),
        );
        if ($this->feasible->isConstrained()) {
            // What leaves others least is chosen first: after it, most is free.
            usort($order, fn (int $a, int $b): int => $this->degrees[$b] <=> $this->degrees[$a]);
        }
        $met = count($begun) - 1;
        foreach ($order as $next) {
            [$begun[$next], $gain] = $this->choose($begun, $next, $partners);
            $met += $gain;
        }
        ksort($begun);

        return [array_values($begun), $met];
    }

    /**
     * One of the values with most pairs left; where not everything can be, with one that it is to be met with, so that
     * a row never meets nothing.
     *
     * @param non-empty-array<int, int>    $open
     * @param array<int, array<int, true>> $partners
     *
     * @return array<int, int> value by parameter
     */
    private function begin(array $open, array $partners): array
    {
        $most = array_keys($open, max($open), true);
        $place = $most[$this->random->getInt(0, count($most) - 1)];
        $partner = $this->feasible->isConstrained() ? array_key_first($partners[$place]) : null;
        $begun = [];
        foreach ($partner === null ? [$place] : [$place, $partner] as $one) {
            $parameter = $this->places->parameters[$one];
            $begun[$parameter] = $one - $this->places->first[$parameter];
        }

        return $begun;
    }

    /**
     * @param array<int, int>              $row
     * @param array<int, array<int, true>> $partners
     *
     * @return array{int, int} the value that meets most, and how many pairs that are left
     */
    private function choose(array $row, int $next, array $partners): array
    {
        $first = $this->places->first;
        $places = [];
        foreach ($row as $parameter => $value) {
            $places[] = $first[$parameter] + $value;
        }
        $isConstrained = $this->feasible->isConstrained();
        $ties = [];
        $most = -1;
        foreach (
            $isConstrained ? $this->feasible->allowed($row, $next) : range(0, $this->places->sizes[$next] - 1) as $value
        ) {
            $with = $partners[$first[$next] + $value];
            $gain = 0;
            if ($with !== []) {
                foreach ($places as $place) {
                    if (isset($with[$place])) {
                        $gain++;
                    }
                }
            }
            if (
                $gain < $most
                || ($isConstrained
                    && ! $this->feasible->isFree($row + [$next => $value], $next)
                    && ! $this->feasible->canFinish($row + [$next => $value]))
            ) {
                continue;
            }
            $ties = $gain > $most ? [$value] : [...$ties, $value];
            $most = $gain;
        }

        return [$ties[count($ties) === 1 ? 0 : $this->random->getInt(0, count($ties) - 1)], $most];
    }
}
