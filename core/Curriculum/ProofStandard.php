<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** What a school asks of proof. */
final readonly class ProofStandard
{
    /** Share of a rank's students that must hold an attack for it to count as proven. */
    public const SHARE = 0.8;

    /** Days after which a rep weighs half. */
    public const HALF_LIFE = 60.0;

    /** How many of the latest counted reps of a cell are read. */
    public const LATEST = 12;

    public const MIN_LATEST = 3;

    public const MAX_LATEST = 30;

    public const MIN_HALF_LIFE = 7.0;

    public const MAX_HALF_LIFE = 730.0;

    public function __construct(
        public float $share = self::SHARE,
        public float $halfLife = self::HALF_LIFE,
        public Credits $credits = new Credits(),
        public TestStandard $test = new TestStandard(),
        public int $latest = self::LATEST,
    ) {}
}
