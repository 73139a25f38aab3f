<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Student;

/** A test as a catalogue file keeps it. */
final readonly class PlannedTest
{
    /**
     * @param string                                                                      $id         unique in its file
     * @param string                                                                      $rank       id of the rank
     *     that it is for
     * @param list<string>                                                                $candidates ids of students
     * @param list<string>                                                                $classes    ids of those that
     *     lead to it; empty for all until then
     * @param bool                                                                        $isDrawn    whether it asks
     *     for some of what the rank needs instead of all
     * @param list<array{student: string, attack: string, side: string, rep: string}>     $results    how items went, by
     *     the ids of reps
     */
    public function __construct(
        public string $id,
        public string $rank,
        public DateTimeImmutable $at,
        public array $candidates = [],
        public array $classes = [],
        public bool $isDrawn = false,
        public array $results = [],
    ) {}

    /**
     * Whether a class is one of those that lead to it: one that was chosen, or any that expects one of its candidates.
     *
     * @param array<array-key, Student> $candidates of it
     */
    public function isLedToBy(PlannedClass $class, array $candidates): bool
    {
        return $class->at <= $this->at
            && ($this->classes === []
                ? array_any(
                    $candidates,
                    static fn (Student $student): bool => $class->expected->includes($student, $class->at),
                )
                : in_array($class->id, $this->classes, true));
    }
}
