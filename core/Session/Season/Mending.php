<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use Closure;

/** Looks for the least that makes a season fit. */
final readonly class Mending
{
    private const MAX_CLASSES = 60;

    private const MAX_WEEKS = 26;

    private const WEEK = 7 * 86_400;

    private const HALF_A_DAY = 43_200;

    /** Seconds between two classes, where there are too few to tell. */
    private const USUAL = 3 * 86_400 + 43_200;

    /**
     * @param list<SeasonClass> $classes
     * @param list<Candidate>   $candidates
     * @param Closure(): void   $looked     is called whenever other classes were looked at
     */
    public function __construct(
        private Season $season,
        private int $day,
        private array $classes,
        private array $candidates,
        private ?Closure $looked = null,
    ) {}

    public function of(SeasonPlan $plan): Mend
    {
        $unanswered = array_values(
            array_unique(array_merge(...array_map($this->season->asked->unanswered(...), $this->candidates))),
        );
        if ($plan->fits()) {
            return new Mend(0, [], $this->day, $unanswered);
        }
        if ($this->fits($this->day, $this->classes)) {
            // Only what nobody has an answer to is left.
            return new Mend(0, $plan->left(), $this->day, $unanswered);
        }
        $weeks = self::least(
            self::MAX_WEEKS,
            fn (int $weeks): bool => $this->fits($this->day + $weeks * self::WEEK, $this->until($weeks)),
        );

        return new Mend(
            self::least(self::MAX_CLASSES, fn (int $more): bool => $this->fits($this->day, $this->with($more))),
            $plan->left(),
            $weeks === null ? null : $this->day + $weeks * self::WEEK,
            $unanswered,
        );
    }

    /** @param list<SeasonClass> $classes */
    private function fits(int $day, array $classes): bool
    {
        $fits = $this->season->fits($day, $classes, $this->candidates);
        $this->looked === null || ($this->looked)();

        return $fits;
    }

    /**
     * The least number that is enough: looked for by doubling, then by halving, since more is never less.
     *
     * @param callable(int): bool $isEnough
     */
    private static function least(int $most, callable $isEnough): ?int
    {
        for ($high = 1; ! $isEnough($high); $high = min($most, 2 * $high)) {
            if ($high === $most) {
                return null;
            }
        }
        $low = intdiv($high, 2);
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $isEnough($middle) ? [$low, $middle] : [$middle, $high];
        }

        return $high;
    }

    /** @return list<SeasonClass> with so many more, each half a day before one that there is, the last first */
    private function with(int $more): array
    {
        $classes = $this->classes;
        $last = count($this->classes) - 1;
        for ($number = 0; $number < $more && $last >= 0; $number++) {
            $beside = $this->classes[$last - ($number % ($last + 1))];
            $classes[] = new SeasonClass(
                "more-{$number}",
                $beside->at - self::HALF_A_DAY * (1 + intdiv($number, $last + 1)),
                $beside->answers,
                $beside->reps,
            );
        }

        return $classes;
    }

    /** @return list<SeasonClass> with those that go on as usual for so many weeks more */
    private function until(int $weeks): array
    {
        $classes = $this->classes;
        if ($classes === []) {
            return [];
        }
        $gaps = array_map(
            static fn (SeasonClass $a, SeasonClass $b): int => $b->at - $a->at,
            array_slice($classes, 0, -1),
            array_slice($classes, 1),
        );
        sort($gaps);
        $gap = max(self::HALF_A_DAY, $gaps === [] ? self::USUAL : $gaps[intdiv(count($gaps), 2)]);
        $last = $classes[count($classes) - 1];
        for ($at = $last->at + $gap, $number = 0; $at <= $this->day + $weeks * self::WEEK; $at += $gap, $number++) {
            $classes[] = new SeasonClass("later-{$number}", $at, $last->answers, $last->reps);
        }

        return $classes;
    }
}
