<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

use LogicException;
use Random\Randomizer;

/**
 * The same pairs in fewer rows: one row is left out, and what it alone met is met by exchanging values of the others. A
 * pair that is missing is drawn; of all values whose exchange meets it the one is taken after which fewest are missing,
 * but for places that changed a moment ago (tabu search, Glover 1989). Places are those of {@see Places}.
 */
final class Fewer
{
    /** For how many exchanges a place rests, at most. */
    private const RESTS = 10;

    /** How often a value is exchanged anyhow, one in so many times, so that the search leaves where nothing helps. */
    private const ANYHOW = 1_000;

    /** Exchanges between two looks at the clock. */
    private const LOOK = 64;

    /** More than the rows that meet a pair can be. */
    private const MANY = 1_000_000_000;

    /** @var array<int, array<int, int>> how many rows meet a pair of places; MANY where it need not be met */
    private array $met = [];

    /** @var array<int, int> pairs that are missing, from 0 without a gap, each the lower place · all + the higher */
    private array $missing = [];

    /** @var array<int, int> where each of them is in that list */
    private array $at = [];

    /** @var list<array<int, int>> place of each parameter, by row */
    private array $rows = [];

    /** @var array<int, int> until which exchange a place of the rows rests */
    private array $rests = [];

    public function __construct(
        private readonly Places $places,
        private readonly Feasible $feasible,
        private readonly Greedy $greedy,
        private readonly Randomizer $random,
    ) {}

    /**
     * @param list<list<int>>  $rows   value of each parameter, which meet all that is wanted
     * @param array<int, true> $wanted pairs
     * @param int              $least  rows below which there is nothing
     * @param int              $began  on the clock of hrtime()
     *
     * @return list<list<int>>
     */
    public function rows(array $rows, array $wanted, int $least, Budget $budget, int $began): array
    {
        $whole = $this->rows = array_map($this->places->of(...), $rows);
        $this->count($wanted);
        for ($step = 0; count($whole) > $least; $step++) {
            if ($this->missing === []) {
                $whole = $this->rows;
                if (count($whole) > $least) {
                    $this->leaveOut();
                }
            }
            if (($step % self::LOOK === 0 || $this->missing === []) && $budget->isSpent($step, $began)) {
                break;
            }
            if ($this->missing !== []) {
                $this->meet($this->missing[$this->random->getInt(0, count($this->missing) - 1)], $step);
            }
        }

        return array_map($this->places->values(...), $whole);
    }

    /** @param array<int, true> $wanted */
    private function count(array $wanted): void
    {
        $all = $this->places->all;
        $this->met = array_fill(0, $all, array_fill(0, $all, self::MANY));
        foreach (array_keys($wanted) as $pair) {
            [$a, $b] = [intdiv($pair, $all), $pair % $all];
            $this->met[$a][$b] = $this->met[$b][$a] = 0;
        }
        foreach ($this->rows as $row) {
            foreach ($row as $a => $place) {
                foreach ($row as $b => $other) {
                    if ($a !== $b) {
                        $this->met[$place][$other]++;
                    }
                }
            }
        }
    }

    /** Leaves out the row that alone meets fewest pairs. */
    private function leaveOut(): void
    {
        $alone = [];
        foreach ($this->rows as $number => $row) {
            $alone[$number] = 0;
            foreach ($row as $place) {
                $met = $this->met[$place];
                foreach ($row as $other) {
                    $alone[$number] += $met[$other] === 1 ? 1 : 0;
                }
            }
        }
        asort($alone);
        [$row] = array_splice($this->rows, (int) array_key_first($alone), 1);
        foreach ($row as $a => $place) {
            foreach (array_slice($row, $a + 1) as $other) {
                $this->lose($place, $other);
            }
        }
        $this->rests = [];
    }

    /** Exchanges the value that meets a pair best. */
    private function meet(int $pair, int $now): void
    {
        [$a, $b] = [intdiv($pair, $this->places->all), $pair % $this->places->all];
        [$ofA, $ofB] = [$this->places->parameters[$a], $this->places->parameters[$b]];
        $best = [];
        $least = PHP_INT_MAX;
        $width = count($this->places->sizes);
        foreach ($this->rows as $number => $row) {
            if ($row[$ofA] === $a) {
                [$parameter, $place] = [$ofB, $b];
            } elseif ($row[$ofB] === $b) {
                [$parameter, $place] = [$ofA, $a];
            } else {
                continue;
            }
            if (($this->rests[$number * $width + $parameter] ?? 0) > $now) {
                continue;
            }
            [$lost, $gained] = [$this->met[$row[$parameter]], $this->met[$place]];
            $missing = 0;
            foreach ($row as $other) {
                $missing += ($lost[$other] === 1 ? 1 : 0) - ($gained[$other] === 0 ? 1 : 0);
            }
            if ($missing > $least || ! $this->canBe($row, $parameter, $place)) {
                continue;
            }
            $best = $missing < $least ? [[$number, $parameter, $place]] : [...$best, [$number, $parameter, $place]];
            $least = $missing;
        }
        if ($best === [] || ($least > 0 && $this->random->getInt(1, self::ANYHOW) === 1)) {
            $this->meetAnyhow($a, $b, $now);

            return;
        }
        $this->exchange(...$best[count($best) === 1 ? 0 : $this->random->getInt(0, count($best) - 1)], now: $now);
    }

    /** Meets a pair in a drawn row, whatever that loses. */
    private function meetAnyhow(int $a, int $b, int $now): void
    {
        [$ofA, $ofB] = [$this->places->parameters[$a], $this->places->parameters[$b]];
        $number = $this->random->getInt(0, count($this->rows) - 1);
        $row = array_replace($this->rows[$number], [$ofA => $a, $ofB => $b]);
        if (! $this->canBe($row, $ofA, $a) || ! $this->canBe($row, $ofB, $b)) {
            $pair = [$ofA => $a - $this->places->first[$ofA], $ofB => $b - $this->places->first[$ofB]];
            $row = $this->places->of($this->whole($pair));
        }
        foreach ($row as $parameter => $place) {
            if ($this->rows[$number][$parameter] !== $place) {
                $this->exchange($number, $parameter, $place, $now);
            }
        }
    }

    /**
     * A row that can be, and meets what is missing where it can.
     *
     * @param array<int, int> $begun value by parameter
     *
     * @return list<int>
     */
    private function whole(array $begun): array
    {
        $partners = array_fill(0, $this->places->all, []);
        foreach ($this->missing as $pair) {
            [$a, $b] = [intdiv($pair, $this->places->all), $pair % $this->places->all];
            $partners[$a][$b] = $partners[$b][$a] = true;
        }

        return $this->greedy->candidate($begun, $partners)[0];
    }

    /**
     * Whether a row can be, of which one place changed.
     *
     * @param array<int, int> $row places
     */
    private function canBe(array $row, int $parameter, int $place): bool
    {
        if (! $this->feasible->isConstrained()) {
            return true;
        }
        $row[$parameter] = $place;

        return ! $this->feasible->forbids($this->places->values($row), $parameter);
    }

    private function exchange(int $number, int $parameter, int $place, int $now): void
    {
        $was = $this->rows[$number][$parameter];
        foreach ($this->rows[$number] as $of => $other) {
            if ($of !== $parameter) {
                $this->lose($was, $other);
                $this->gain($place, $other);
            }
        }
        $this->rows[$number][$parameter] = $place;
        $this->rests[$number * count($this->places->sizes) + $parameter] = $now + $this->random->getInt(1, self::RESTS);
    }

    private function lose(int $place, int $other): void
    {
        $this->met[$other][$place]--;
        if (--$this->met[$place][$other] === 0) {
            $pair = min($place, $other) * $this->places->all + max($place, $other);
            $this->at[$pair] = count($this->missing);
            $this->missing[] = $pair;
        }
    }

    private function gain(int $place, int $other): void
    {
        $this->met[$other][$place]++;
        if ($this->met[$place][$other]++ === 0) {
            $pair = min($place, $other) * $this->places->all + max($place, $other);
            // The last one takes its place.
            $last = array_pop($this->missing) ?? throw new LogicException('A pair that is met for the first time was missing.');
            if ($last !== $pair) {
                $this->missing[$this->at[$pair]] = $last;
                $this->at[$last] = $this->at[$pair];
            }
            unset($this->at[$pair]);
        }
    }
}
