<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Session\Readiness;
use StoneDrill\Core\Session\TestItem;

/** How candidates will stand, from what each tries in which class. */
final readonly class Outlook
{
    /** Classes after which the curve is told, at most. */
    private const POINTS = 8;

    /**
     * @param array<string, Cell> $asked what the test asks for, by the cell's key
     * @param int                 $now   seconds since 1970
     */
    public function __construct(private array $asked, private int $now, private TestStandard $asks) {}

    /** @param list<SeasonClass> $classes */
    public function of(Candidate $candidate, Way $way, int $day, array $classes): Forecast
    {
        $left = $way->left($day);

        return new Forecast(
            $candidate->student,
            count($way->futures) - count($left),
            count($way->futures),
            $this->pass($way, $day),
            $this->readyOn($way, $classes, $day),
            $left,
            $way->drill,
        );
    }

    /**
     * The share of all that is asked for that is held, now, after some of the classes, and on the day.
     *
     * @param list<Way>         $ways
     * @param list<SeasonClass> $classes
     *
     * @return list<array{int, float}> seconds since 1970, and the share
     */
    public function curve(array $ways, array $classes, int $day): array
    {
        $asked = array_sum(array_map(static fn (Way $way): int => count($way->futures), $ways));
        $every = max(1, (int) ceil(count($classes) / self::POINTS));
        $times = array_column(
            array_filter($classes, static fn (int $place): bool => ($place + 1) % $every === 0, ARRAY_FILTER_USE_KEY),
            'at',
        );
        $curve = [];
        foreach (array_unique([$this->now, ...$times, $day]) as $at) {
            $left = array_sum(array_map(static fn (Way $way): int => count($way->left($at)), $ways));
            $curve[] = [$at, $asked === 0 ? 0.0 : 1 - $left / $asked];
        }

        return $curve;
    }

    private function pass(Way $way, int $day): ?float
    {
        $items = [];
        foreach ($way->futures as $key => $future) {
            $items[] = new TestItem(
                $this->asked[$key]->attack,
                $this->asked[$key]->side,
                $future->chancesOn($way->times[$key] ?? [], $day),
                true,
            );
        }

        return (new Readiness($items, $this->asks))->chance();
    }

    /**
     * The first class after which they are ready, found by halving: what is tried makes nobody less ready.
     *
     * @param list<SeasonClass> $classes
     */
    private function readyOn(Way $way, array $classes, int $day): ?int
    {
        $is = fn (int $at): bool => $this->pass($way, $at) >= $this->asks->ready;
        if (! $is($day) || $is($this->now)) {
            return $is($day) ? $this->now : null;
        }
        [$low, $high] = [-1, count($classes)];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $is($classes[$middle]->at) ? [$low, $middle] : [$middle, $high];
        }

        return $classes[$high]->at ?? $day;
    }
}
