<?php

declare(strict_types=1);

namespace StoneDrill\Core\Drill;

/** What the way to a test teaches its candidates and has them drill, as the rank that they go for is taught. */
final readonly class Preparation
{
    /**
     * @param string                         $rank       id of the rank that the test is for
     * @param list<string>                   $candidates ids of students
     * @param list<string>                   $answers    ids of answers
     * @param array<array-key, list<string>> $drills     keys of cells, by the id of the student
     */
    public function __construct(
        public string $rank,
        public array $candidates,
        public array $answers,
        public array $drills = [],
    ) {}

    /**
     * Of some classes on the way. Whoever is a candidate no more may still stand in what was planned.
     *
     * @param list<string>                                     $candidates ids of students
     * @param array<array-key, list<string>>                   $teaches    ids of answers, by class
     * @param array<array-key, array<array-key, list<string>>> $drills     keys of cells, by class, then student
     */
    public static function inClasses(string $rank, array $candidates, array $teaches, array $drills): self
    {
        $of = array_map(
            static fn (string $student): array => self::each(array_column($drills, $student)),
            array_combine($candidates, $candidates),
        );

        return new self($rank, $candidates, self::each($teaches), array_filter($of));
    }

    /**
     * What is taught to one student, of whichever test it is first.
     *
     * @param list<self> $preparations
     *
     * @return array<array-key, string> id of the rank that it is taught for, by the id of the answer
     */
    public static function ofStudent(array $preparations, string $student): array
    {
        $ahead = [];
        foreach ($preparations as $one) {
            $ahead += $one->isFor($student) ? array_fill_keys($one->answers, $one->rank) : [];
        }

        return $ahead;
    }

    public function isFor(string $student): bool
    {
        return in_array($student, $this->candidates, true);
    }

    /** Whether a student drills a cell for it. */
    public function drills(string $student, string $cell): bool
    {
        return in_array($cell, $this->drills[$student] ?? [], true);
    }

    /**
     * @param array<array-key, list<string>> $lists
     *
     * @return list<string> everything of them once
     */
    private static function each(array $lists): array
    {
        return array_values(array_unique(array_merge(...array_values($lists))));
    }
}
