<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** How a school usually divides the time of a class. */
final readonly class ClassHabits
{
    /** Share of the minutes of a class, by kind of block. */
    public const SHARES = [
        'gather' => 0.05,
        'basics' => 0.15,
        'teach' => 0.3,
        'drill' => 0.25,
        'pressure' => 0.2,
        'close' => 0.05,
    ];

    /** The least share that a kind of block has. */
    public const MIN_SHARE = 0.01;

    public const MAX_MINUTES = 60;

    public const MAX_BETWEEN = 120.0;

    /**
     * @param array<string, float> $shares  by kind of block; only beside each other do they tell anything
     * @param int                  $teach   minutes to show an answer and have it repeated
     * @param int                  $basic   minutes of a basic
     * @param float                $between seconds between two tries: back to the start, a word
     */
    public function __construct(
        public array $shares = self::SHARES,
        public int $teach = 4,
        public int $basic = 1,
        public float $between = 12.0,
    ) {}
}
