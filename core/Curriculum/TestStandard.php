<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** What a school asks of a test. */
final readonly class TestStandard
{
    public const PASS = 0.8;
    public const READY = 0.85;

    /** How often an item may be shown again, and how often at the most. */
    public const REPEATS = 1;

    public const MAX_REPEATS = 3;

    /** How often it may be shown in all, at the most. */
    public const MAX_SHOWINGS = 1 + self::MAX_REPEATS;

    /** What is thought of an item that was never tried, worth one try: chances of full, half and no credit. */
    public const UNTRIED = ['full' => 0.5, 'half' => 0.25, 'none' => 0.25];

    /** The least and the most that each may weigh. */
    public const MIN_UNTRIED = 0.01;

    public const MAX_UNTRIED = 10.0;

    /**
     * @param float $pass  share of all credit with which it is passed
     * @param float $ready chance to pass from which somebody is ready
     * @param array{full: float, half: float, none: float} $untried weights of each credit before the first try
     * @param int $repeats how often an item may be shown again in the test itself
     */
    public function __construct(
        public float $pass = self::PASS,
        public float $ready = self::READY,
        public array $untried = self::UNTRIED,
        public int $repeats = self::REPEATS,
    ) {}

    /**
     * How often an item may be shown in all.
     *
     * @param bool $isLeft whether it is decided that some are shown again another day, which takes once more at least
     */
    public function showings(bool $isLeft): int
    {
        return 1 + max($this->repeats, (int) $isLeft);
    }
}
