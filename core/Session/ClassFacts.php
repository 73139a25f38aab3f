<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Curriculum\ClassHabits;

/** What is known of a class before it is planned. */
final readonly class ClassFacts
{
    /** Minutes that a class has at least and at most. */
    public const MIN_MINUTES = 5;

    public const MAX_MINUTES = 480;

    /**
     * @param list<Block> $blocks      in their order, with the minutes of those that are locked
     * @param int         $places      pairs that can work at once
     * @param int         $instructors who teach, assistants too
     * @param ?int        $pads        of which each pair needs one under pressure; null where there are enough
     * @param ClassHabits $habits      of the school
     */
    public function __construct(
        public int $minutes,
        public array $blocks,
        public int $places,
        public int $instructors,
        public ClassWishes $wishes = new ClassWishes(),
        public ?int $pads = null,
        public ClassHabits $habits = new ClassHabits(),
    ) {}

    /** Pairs that can work at once in blocks of a kind. */
    public function placesIn(BlockKind $kind): int
    {
        return $kind === BlockKind::Pressure ? min($this->places, $this->pads ?? $this->places) : $this->places;
    }
}
