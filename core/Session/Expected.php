<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Student;

/** Who is expected in a class: a group of some ranks and ages, or people by name; everybody where nothing is said. */
final readonly class Expected
{
    /**
     * @param list<string> $ranks    ids of those of the group; empty for all of them
     * @param ?Ages        $ages     of the group; null for all of them
     * @param list<string> $students ids of those who are named; alone, or besides the group where that is said
     */
    public function __construct(public array $ranks = [], public ?Ages $ages = null, public array $students = []) {}

    /** Whether nothing is said, so that everybody is expected. */
    public function isEverybody(): bool
    {
        return ! $this->hasGroup() && $this->students === [];
    }

    /** Whether a group is expected, and not only who is named. */
    public function hasGroup(): bool
    {
        return $this->ranks !== [] || $this->ages !== null;
    }

    /** @param DateTimeImmutable $day of the class */
    public function includes(Student $student, DateTimeImmutable $day): bool
    {
        return $this->isEverybody()
            || in_array($student->id, $this->students, true)
            || ($this->hasGroup()
                && ($this->ranks === [] || in_array($student->rank, $this->ranks, true))
                && ($this->ages === null || $this->ages->includes($student, $day)));
    }
}
