<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Curriculum\Student;

/** A student of a class that is planned, and what teaching them is worth. */
final readonly class Learner
{
    /**
     * What it is worth to somebody that the way to a test teaches an answer now: more than everything else together.
     */
    private const SEASON = 1_000.0;

    /**
     * @param array<string, Worth|null> $worth  of each answer to them; null where it is barred
     * @param list<string>              $wished ids of answers that come before all others
     * @param array<array-key, string>  $ahead  id of the rank that an answer is taught for on the way to a test, by its
     *     id
     */
    public function __construct(
        public Student $student,
        public array $worth,
        private array $wished,
        private array $ahead,
    ) {}

    /** @return array<string, float|null> worth of each answer, with what comes before all others; null where barred */
    public function values(): array
    {
        $values = [];
        foreach ($this->worth as $answer => $of) {
            $values[$answer] = $of === null ? null : $of->value() + $this->added((string) $answer);
        }

        return $values;
    }

    /** What is added to the worth of an answer, since it comes first. */
    public function added(string $answer): float
    {
        return match (true) {
            ! isset($this->worth[$answer]) => 0.0,
            in_array($answer, $this->wished, true) => 2 * self::SEASON,
            isset($this->ahead[$answer]) => self::SEASON,
            default => 0.0,
        };
    }

    /** Id of the rank that an answer is taught for now on the way to its test; null where it is not. */
    public function goesFor(string $answer): ?string
    {
        return $this->added($answer) === self::SEASON ? $this->ahead[$answer] : null;
    }
}
