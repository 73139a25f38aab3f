<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

/** The way to a test: what each class teaches and drills, and how each candidate will stand. */
final readonly class SeasonPlan
{
    /**
     * @param list<SeasonClass>        $classes  in the order of time
     * @param array<int, list<string>> $teaches  ids of answers by the place of the class
     * @param list<Forecast>           $forecasts
     * @param list<array{int, float}>  $curve     the share of all that is asked for that is held, by seconds since 1970
     */
    public function __construct(
        public array $classes,
        public array $teaches,
        public array $forecasts,
        public array $curve,
    ) {}

    /** Whether everybody holds all that they are asked for. */
    public function fits(): bool
    {
        return array_filter(
            $this->forecasts,
            static fn (Forecast $forecast): bool => $forecast->holds < $forecast->of,
        ) === [];
    }

    /** @return array<string, list<string>> ids of answers by the id of the class that teaches them */
    public function taught(): array
    {
        $taught = [];
        foreach ($this->classes as $place => $class) {
            $taught[$class->id] = $this->teaches[$place] ?? [];
        }

        return $taught;
    }

    /**
     * What each drills in each class.
     *
     * @return array<string, array<string, list<string>>> keys of cells by the id of the class, then of the student
     */
    public function drilled(): array
    {
        $drilled = [];
        foreach ($this->classes as $place => $class) {
            $drilled[$class->id] = [];
            foreach ($this->drills($place) as $key => $students) {
                foreach ($students as $student) {
                    $drilled[$class->id][$student][] = (string) $key;
                }
            }
        }

        return $drilled;
    }

    /** @return list<string> keys of cells that somebody does not hold in time, those of most people first */
    public function left(): array
    {
        $counts = [];
        foreach ($this->forecasts as $forecast) {
            foreach ($forecast->left as $key) {
                $counts[$key] = ($counts[$key] ?? 0) + 1;
            }
        }
        arsort($counts);

        return array_map(strval(...), array_keys($counts));
    }

    /** @return array<string, list<string>> ids of students by the key of the cell that they drill in a class */
    public function drills(int $class): array
    {
        $drills = [];
        foreach ($this->forecasts as $forecast) {
            foreach (array_keys($forecast->drill[$class] ?? []) as $key) {
                $drills[(string) $key][] = $forecast->student->id;
            }
        }

        return $drills;
    }
}
