<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Floor\Setting;
use StoneDrill\Core\Technique\EffectTimes;

/** What a school asks of an answer. */
final readonly class AnswerStandard
{
    /** Metres by which a figure may be short and still be close. */
    public const TOLERANCE = Setting::CLOSE;

    /** The most that a school may allow. */
    public const MAX_TOLERANCE = 0.5;

    /** Degrees a second that an attacker turns toward the defender. */
    public const TURNING = Setting::TURNING;

    public const MIN_TURNING = 10.0;

    public const MAX_TURNING = 720.0;

    /**
     * @param float $tolerance metres by which a figure may be short and still be close
     * @param float $turning   degrees a second that an attacker turns toward the defender
     */
    public function __construct(
        public float $tolerance = self::TOLERANCE,
        public Reaction $reaction = new Reaction(),
        public Leaving $leaving = Leaving::Always,
        public EffectTimes $effects = new EffectTimes(),
        public float $turning = self::TURNING,
        public ForceLevels $force = new ForceLevels(),
    ) {}
}
