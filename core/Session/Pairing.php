<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use Random\Engine\Mt19937;
use Random\Randomizer;
use StoneDrill\Core\Proof\PartnerCounts;

/**
 * Who works with whom, round by round. The rounds are those of the circle; who sits where is searched for the least
 * that speaks against its pairs: that they have met lately, that one is much taller, that one knows much more, that one
 * was never attacked by somebody larger and is not here either.
 */
final readonly class Pairing
{
    /** Metres of difference that speak against nothing. */
    private const ALIKE = 0.2;

    /** What each further metre weighs: two for every ten centimetres. */
    private const TALLER = 20.0;

    /** Ranks apart that speak against nothing. */
    private const RANKS = 2;

    /**
     * What it weighs that somebody larger never attacked one of them, and this one is not larger either: as much as to
     * have met in the last class.
     */
    private const LACKS = 1.0;

    /** What it weighs that two have met today: more than everything else together. */
    private const TODAY = 1e6;

    /** Up to as many seats every order is tried. */
    private const ALL_ORDERS = 8;

    /** Exchanges that are tried beyond that. */
    private const STEPS = 4_000;

    /** By less two orders are as good as each other. */
    private const SAME = 1e-9;

    /**
     * @param list<Person> $people
     * @param bool         $mixesSizes whether all sizes are wished for instead of like ones
     * @param bool         $stepsIn    whether an instructor works with whoever is over, instead of a pair taking them
     *     in
     */
    public function __construct(
        private array $people,
        private Meetings $meetings = new Meetings(),
        private bool $mixesSizes = false,
        private int $seed = 1,
        private bool $stepsIn = false,
    ) {}

    /**
     * @param int ...$blocks rounds in each block: in each everybody attacks first as often as not
     *
     * @return list<Round> those of all blocks; once everybody has met everybody they begin anew. Who is alone is over
     *     in each.
     */
    public function rounds(int ...$blocks): array
    {
        $count = array_sum($blocks);
        $circle = Circle::rounds(count($this->people));
        if ($circle === [] || $count < 1) {
            return count($this->people) === 1 ? array_fill(0, max(0, $count), new Round([], $this->people[0]->id)) : [];
        }
        $costs = $this->costs();
        $order = $this->order(array_slice($circle, 0, $count), $costs);
        $pairs = array_map(
            static fn (array $round): array => array_map(
                static fn (array $pair): array => [$order[$pair[0]], $order[$pair[1]]],
                $round,
            ),
            array_slice($circle, 0, $count),
        );
        // Where there is time for all to meet, no order of the seats keeps those apart who met today: their rounds come
        // last.
        usort($pairs, fn (array $one, array $other): int => $this->haveMet($one) <=> $this->haveMet($other));

        $rounds = array_map(static fn (int $round): array => $pairs[$round % count($pairs)], range(0, $count - 1));
        $turns = [];
        foreach ($blocks as $block) {
            array_push($turns, ...Turns::first(array_slice($rounds, count($turns), $block)));
        }

        return $this->told($turns);
    }

    /**
     * What speaks against the pairs of some rounds, all together.
     *
     * @param list<Round> $rounds
     */
    public function cost(array $rounds): float
    {
        $places = array_flip(array_map(static fn (Person $person): string => $person->id, $this->people));
        $costs = $this->costs();
        $sum = 0.0;
        foreach ($rounds as $round) {
            foreach ($round->pairs as [$a, $b]) {
                $sum += $costs[$places[$a]][$places[$b]];
            }
        }

        return $sum;
    }

    /** @param list<array{int, int}> $pairs places of people, how many of whom have met today */
    private function haveMet(array $pairs): int
    {
        return count(
            array_filter(
                $pairs,
                fn (array $pair): bool => $this->meetings->haveMetToday(
                    $this->people[$pair[0]]->id,
                    $this->people[$pair[1]]->id,
                ),
            ),
        );
    }

    /** @return list<list<float>> what speaks against each pair, by their places */
    public function costs(): array
    {
        return array_map(
            fn (Person $a): array => array_map(fn (Person $b): float => $this->against($a, $b), $this->people),
            $this->people,
        );
    }

    private function against(Person $a, Person $b): float
    {
        $taller = $a->height === null || $b->height === null ? 0.0 : abs($a->height - $b->height);
        $apart = $this->mixesSizes ? max(0.0, self::ALIKE - $taller) : max(0.0, $taller - self::ALIKE);

        return $this->meetings->weight($a->id, $b->id)
            + self::TALLER * $apart
            + max(0, abs($a->rank - $b->rank) - self::RANKS)
            + self::LACKS
                * (($a->lacksLarger && ! self::isLarger($a, $b) ? 1 : 0)
                    + ($b->lacksLarger && ! self::isLarger($b, $a) ? 1 : 0))
            + ($this->meetings->haveMetToday($a->id, $b->id) ? self::TODAY : 0.0);
    }

    private static function isLarger(Person $than, Person $other): bool
    {
        return $than->height !== null
            && $other->height !== null
            && PartnerCounts::isLarger($than->height, $other->height);
    }

    /**
     * @param list<list<array{int, int}>> $rounds of seats
     * @param list<list<float>>           $costs
     *
     * @return array<int, int> place of the person by seat
     */
    private function order(array $rounds, array $costs): array
    {
        $pairs = array_merge(...$rounds);
        $cost = static function (array $order) use ($pairs, $costs): float {
            $sum = 0.0;
            foreach ($pairs as [$a, $b]) {
                $sum += $costs[$order[$a]][$order[$b]];
            }

            return $sum;
        };
        $random = new Randomizer(new Mt19937($this->seed));
        $first = $random->shuffleArray(range(0, count($this->people) - 1));

        return count($first) <= self::ALL_ORDERS
            ? self::bestOfAll($first, $cost)
            : self::bestFound($first, $pairs, $costs, $cost($first), $random);
    }

    /**
     * @param array<int, int>                  $seats
     * @param callable(array<int, int>): float $cost
     *
     * @return array<int, int>
     */
    private static function bestOfAll(array $seats, callable $cost): array
    {
        [$best, $least] = [$seats, $cost($seats)];
        // Heap's way through all orders: each differs from the one before by one exchange.
        $turns = array_fill(0, count($seats), 0);
        for ($place = 0; $place < count($seats);) {
            if ($turns[$place] < $place) {
                $other = $place % 2 === 0 ? 0 : $turns[$place];
                [$seats[$other], $seats[$place]] = [$seats[$place], $seats[$other]];
                $now = $cost($seats);
                if ($now < $least - 1e-12) {
                    [$best, $least] = [$seats, $now];
                }
                $turns[$place]++;
                $place = 0;
            } else {
                $turns[$place++] = 0;
            }
        }

        return $best;
    }

    /**
     * @param array<int, int>       $order place of the person by seat
     * @param list<array{int, int}> $pairs of seats
     * @param list<list<float>>     $costs
     * @param float                 $least what speaks against that order
     * @param Randomizer            $random of the exchanges that are tried
     *
     * @return array<int, int>
     */
    private static function bestFound(array $order, array $pairs, array $costs, float $least, Randomizer $random): array
    {
        $beside = array_fill(0, count($order), []);
        foreach ($pairs as [$a, $b]) {
            $beside[$a][] = $b;
            $beside[$b][] = $a;
        }
        $last = count($order) - 1;
        for ($step = 0; $step < self::STEPS && $least > self::SAME; $step++) {
            [$a, $b] = [$random->getInt(0, $last), $random->getInt(0, $last)];
            $more = self::more($a, $b, $order, $beside[$a], $costs) + self::more($b, $a, $order, $beside[$b], $costs);
            // One that is as good is taken too: it leads on over level ground.
            if ($more <= self::SAME) {
                [$order[$a], $order[$b]] = [$order[$b], $order[$a]];
                $least += $more;
            }
        }

        return $order;
    }

    /**
     * How much more speaks against the pairs of a seat once somebody else sits there, who leaves another seat for it.
     *
     * @param array<int, int>   $order  place of the person by seat
     * @param list<int>         $beside seats with which it is paired
     * @param list<list<float>> $costs
     */
    private static function more(int $seat, int $from, array $order, array $beside, array $costs): float
    {
        [$now, $then] = [$costs[$order[$seat]], $costs[$order[$from]]];
        $more = 0.0;
        foreach ($beside as $other) {
            // Two who exchange their seats meet as before.
            $more += $other === $from ? 0.0 : $then[$order[$other]] - $now[$order[$other]];
        }

        return $more;
    }

    /**
     * @param list<list<array{int, int}>> $rounds of places of people, the one who attacks first before the other
     *
     * @return list<Round>
     */
    private function told(array $rounds): array
    {
        $thirds = [];
        $told = [];
        $everybody = range(0, count($this->people) - 1);
        foreach ($rounds as $pairs) {
            $over = array_values(array_diff($everybody, ...$pairs))[0] ?? null;
            $three = null;
            if ($over !== null && $pairs !== [] && ! $this->stepsIn) {
                // Those who had a third least often get one.
                $load = array_map(
                    static fn (array $pair): int => ($thirds[$pair[0]] ?? 0) + ($thirds[$pair[1]] ?? 0),
                    $pairs,
                );
                $three = (int) array_search(min($load), $load, true);
                foreach ($pairs[$three] as $place) {
                    $thirds[$place] = ($thirds[$place] ?? 0) + 1;
                }
            }
            $ids = fn (int $place): string => $this->people[$place]->id;
            $told[] = new Round(
                array_map(static fn (array $pair): array => [$ids($pair[0]), $ids($pair[1])], $pairs),
                $over === null ? null : $ids($over),
                $three,
            );
        }

        return $told;
    }
}
