<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use StoneDrill\Core\Proof\Evidence;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\Chances;

/** What is to be expected of one student against one cell on a day, with further tries until then. */
final readonly class Future
{
    private const DAY = 86_400;

    private float $before;

    /**
     * @param int $rung the goal rung, at which the further tries are
     * @param int $now  seconds since 1970
     */
    public function __construct(
        private Window $window,
        private int $rung,
        private int $now,
        private Learning $learning,
        private ProofRules $rules,
    ) {
        $this->before = Evidence::of($this->pastUntil($now), $rung, $now, $rules)->mean();
    }

    /**
     * @param list<int> $further when the further tries are, the first one first
     * @param int       $day     seconds since 1970
     */
    public function holdsOn(array $further, int $day): bool
    {
        $success = $failure = 0.0;
        foreach ($this->expected($further) as [$then, $chance]) {
            $weight = $this->weight($then, $day);
            $success += $weight * $chance;
            $failure += $weight * (1 - $chance);
        }

        return Evidence::of($this->kept($further), $this->rung, $day, $this->rules)->with($success, $failure)->holds();
    }

    /**
     * What the try of a test on that day counts for.
     *
     * @param list<int> $further
     */
    public function chancesOn(array $further, int $day): Chances
    {
        $further = array_values(array_filter($further, static fn (int $then): bool => $then <= $day));

        return Chances::expected(
            $this->kept($further),
            array_map(fn (array $one): array => [$this->weight($one[0], $day), $one[1]], $this->expected($further)),
            $this->rung,
            $day,
            $this->rules,
        );
    }

    /**
     * @param list<int> $further
     *
     * @return list<array{int, float}> when, and the chance that it is clean; the latest that are read
     */
    private function expected(array $further): array
    {
        $all = array_map(
            fn (int $place, int $then): array => [$then, $this->learning->chance($this->before, $place + 1)],
            array_keys($further),
            $further,
        );

        return array_slice($all, -$this->rules->window);
    }

    /**
     * @param list<int> $further
     *
     * @return list<array{int, int, float}> what is still read of the tries that there are
     */
    private function kept(array $further): array
    {
        $room = $this->rules->window - count($further);

        return $room <= 0 ? [] : array_slice($this->pastUntil($this->now), -$room);
    }

    /** @return list<array{int, int, float}> */
    private function pastUntil(int $now): array
    {
        return array_values(array_filter($this->window->tries, static fn (array $try): bool => $try[0] <= $now));
    }

    private function weight(int $then, int $day): float
    {
        return 2 ** (-intdiv(max(0, $day - $then), self::DAY) / $this->rules->halfLife);
    }
}
