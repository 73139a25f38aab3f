<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Few rows in which every feasible pair of values occurs.
 *
 * Row by row, each the best of some candidates (Cohen, Dalal, Fredman & Patton 1997): a candidate begins with the value
 * that has most pairs left, takes the other parameters in a drawn order, and for each the value that meets most pairs
 * not met yet. Small models are tried several times. The same seed gives the same rows.
 */
final class Sampler
{
    /** Steps of work that all tries together may take. */
    private const EFFORT = 1.0e8;

    /** Up to so many values, columns are tried too. */
    private const MAX_VALUES = 3;

    private const MAX_TRIES = 15;
    private const MAX_CANDIDATES = 40;

    private Randomizer $random;

    private Feasible $feasible;

    /** @var list<int> with how many others each parameter cannot be chosen freely */
    private array $degrees;

    /** @var list<int> place of a parameter's first value among all values */
    private array $first;

    /** @var list<int> values of each parameter */
    private array $sizes;

    private int $all;

    /** @var array<int, true> feasible pairs as place · all + place, the lower place first */
    private array $wanted;

    public function __construct(private readonly Model $model, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->feasible = new Feasible($model);
        $this->sizes = array_map('count', $model->values);
        $this->degrees = array_map($this->feasible->degree(...), array_keys($this->sizes));
        $first = [];
        $this->all = 0;
        foreach ($this->sizes as $size) {
            $first[] = $this->all;
            $this->all += $size;
        }
        $this->first = $first;
        $this->wanted = $this->pairs();
    }

    public function sample(): Sample
    {
        $best = null;
        $row = max(1, count($this->sizes) * $this->all);
        $tries = 1;
        for ($try = 0; $try < $tries; $try++) {
            $candidates = $try === 0 ? 12 : self::MAX_CANDIDATES;
            $rows = $this->rows($candidates);
            if ($try === 0) {
                $tries = max(1, min(self::MAX_TRIES, (int) (self::EFFORT / ($row * self::MAX_CANDIDATES * max(1, count($rows))))));
            }
            $best = $best === null || count($rows) < count($best) ? $rows : $best;
        }

        $best = $this->fewer($best);

        return new Sample($this->words($best), $this->model->pairs(), $this->model->pairs() - count($this->wanted));
    }

    /**
     * The same pairs in fewer rows, where growing columns finds them: rows that are each the best next one run into halves
     * of halves when parameters have few values.
     *
     * @param list<list<int>> $rows
     *
     * @return list<list<int>>
     */
    private function fewer(array $rows): array
    {
        $most = $this->sizes === [] ? 0 : max($this->sizes);
        if ($this->feasible->isConstrained() || count($this->sizes) < 3 || $most > self::MAX_VALUES) {
            return $rows;
        }
        $columns = new Columns($this->sizes, $this->random);
        while (count($rows) > $most ** 2) {
            $grown = $columns->grow(count($rows) - 1);
            if ($grown === null) {
                break;
            }
            $rows = $grown;
        }

        return $rows;
    }

    /**
     * @return list<list<int>> value by parameter
     */
    private function rows(int $candidates): array
    {
        $left = $this->wanted;
        // How many pairs are left of each value, by its place.
        $open = array_fill(0, max(1, $this->all), 0);
        $partners = array_fill(0, max(1, $this->all), []);
        foreach (array_keys($left) as $pair) {
            [$a, $b] = [intdiv($pair, $this->all), $pair % $this->all];
            $open[$a]++;
            $open[$b]++;
            $partners[$a][$b] = $partners[$b][$a] = true;
        }
        $rows = [];
        $missing = count($left);
        while ($missing > 0) {
            $best = [];
            $most = -1;
            for ($i = 0; $i < $candidates; $i++) {
                [$row, $met] = $this->candidate($open, $partners);
                if ($met > $most) {
                    [$best, $most] = [$row, $met];
                }
            }
            foreach ($best as $a => $x) {
                for ($b = $a + 1, $count = count($this->sizes); $b < $count; $b++) {
                    [$from, $to] = [$this->first[$a] + $x, $this->first[$b] + $best[$b]];
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
     * @param non-empty-array<int, int>    $open
     * @param array<int, array<int, true>> $partners
     *
     * @return array{list<int>, int} the row, and how many pairs it meets that are left
     */
    private function candidate(array $open, array $partners): array
    {
        [$parameter, $value] = $this->begin($open);
        $order = $this->random->shuffleArray(array_values(array_diff(array_keys($this->sizes), [$parameter])));
        $row = [$parameter => $value];
        // A row begins with a whole pair that is left, so that it never meets nothing.
        $partner = array_key_first($partners[$this->first[$parameter] + $value]);
        if ($this->feasible->isConstrained() && $partner !== null) {
            $other = $this->parameterAt($partner);
            $row[$other] = $partner - $this->first[$other];
            // What leaves others least is chosen first: after it, most is free.
            $order = array_values(array_diff($order, [$other]));
            usort($order, fn (int $a, int $b): int => $this->degrees[$b] <=> $this->degrees[$a]);
        }
        $met = count($row) - 1;
        foreach ($order as $next) {
            [$chosen, $gain] = $this->choose($row, $next, $partners);
            $row[$next] = $chosen;
            $met += $gain;
        }
        ksort($row);

        return [array_values($row), $met];
    }

    /**
     * @param array<int, int>              $row
     * @param array<int, array<int, true>> $partners
     *
     * @return array{int, int} the value that meets most, and how many pairs that are left
     */
    private function choose(array $row, int $next, array $partners): array
    {
        $places = [];
        foreach ($row as $parameter => $value) {
            $places[] = $this->first[$parameter] + $value;
        }
        $isConstrained = $this->feasible->isConstrained();
        $ties = [];
        $most = -1;
        foreach ($isConstrained ? $this->feasible->allowed($row, $next) : range(0, $this->sizes[$next] - 1) as $value) {
            $with = $partners[$this->first[$next] + $value];
            $gain = 0;
            if ($with !== []) {
                foreach ($places as $place) {
                    if (isset($with[$place])) {
                        $gain++;
                    }
                }
            }
            if ($gain < $most || ($isConstrained && ! $this->feasible->isFree($row + [$next => $value], $next) && ! $this->feasible->canFinish($row + [$next => $value]))) {
                continue;
            }
            $ties = $gain > $most ? [$value] : [...$ties, $value];
            $most = $gain;
        }

        return [$ties[count($ties) === 1 ? 0 : $this->random->getInt(0, count($ties) - 1)], $most];
    }

    /**
     * One of the values with most pairs left.
     *
     * @param non-empty-array<int, int> $open
     *
     * @return array{int, int} parameter and value
     */
    private function begin(array $open): array
    {
        $places = array_keys($open, max($open), true);
        $place = $places[$this->random->getInt(0, count($places) - 1)];
        $parameter = $this->parameterAt($place);

        return [$parameter, $place - $this->first[$parameter]];
    }

    private function parameterAt(int $place): int
    {
        for ($parameter = count($this->first) - 1; $this->first[$parameter] > $place; $parameter--);

        return $parameter;
    }

    /** @return array<int, true> every pair that some whole row contains */
    private function pairs(): array
    {
        $pairs = [];
        $count = count($this->sizes);
        for ($a = 0; $a < $count; $a++) {
            for ($b = $a + 1; $b < $count; $b++) {
                for ($x = 0; $x < $this->sizes[$a]; $x++) {
                    for ($y = 0; $y < $this->sizes[$b]; $y++) {
                        if (! $this->feasible->isConstrained() || $this->feasible->canFinish([$a => $x, $b => $y])) {
                            $pairs[($this->first[$a] + $x) * $this->all + $this->first[$b] + $y] = true;
                        }
                    }
                }
            }
        }

        return $pairs;
    }

    /**
     * @param list<list<int>> $rows
     *
     * @return list<array<string, string>>
     */
    private function words(array $rows): array
    {
        return array_map(function (array $row): array {
            $words = [];
            foreach ($row as $parameter => $value) {
                $words[$this->model->names[$parameter]] = $this->model->values[$parameter][$value];
            }

            return $words;
        }, $rows);
    }
}
