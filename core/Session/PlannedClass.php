<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;

/** A class as a catalogue file keeps it. */
final readonly class PlannedClass
{
    /** Pairs that can work at once, where nothing is said. */
    public const PLACES = 10;

    public const MAX_PLACES = 100;

    public const MAX_INSTRUCTORS = 50;

    /**
     * @param string       $id          unique in its file
     * @param list<string> $present     ids of students who came
     * @param bool         $isCancelled whether it is called off
     */
    public function __construct(
        public string $id,
        public DateTimeImmutable $at,
        public ClassFacts $facts,
        public string $place = '',
        public Expected $expected = new Expected(),
        public array $present = [],
        public bool $isCancelled = false,
    ) {}

    /** @return list<Block> where they are not as usual */
    public function blocks(): array
    {
        return $this->facts->blocks == Timetable::usual() ? [] : $this->facts->blocks;
    }
}
