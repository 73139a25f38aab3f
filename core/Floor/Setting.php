<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Technique\EffectTimes;

/** How a run is made, besides the attack and the two bodies. */
final readonly class Setting
{
    /** Metres by which a figure may be short and still be close, where a school says nothing else. */
    public const CLOSE = 0.05;

    /** Degrees a second that the attacker turns, where a school says nothing else. */
    public const TURNING = 120.0;

    /**
     * @param float $pace        of the rung; divides the time that a beat takes
     * @param float $close       metres by which a figure may be short and still count for meeting an attack
     * @param float $headShift   metres to the attacker's right by which the attacker's head is off from where it is
     *     thought to be
     * @param bool  $seesThreats whether the start and the beats that are run tell which of the attacker's weapons reach
     * @param EffectTimes $times how long the effects of beats last
     * @param float $turning     degrees a second that the attacker turns toward the defender
     */
    public function __construct(
        public float $pace = 1.0,
        public Recoil $recoil = Recoil::LeftOut,
        public float $close = self::CLOSE,
        public float $headShift = 0.0,
        public bool $seesThreats = true,
        public EffectTimes $times = new EffectTimes(),
        public float $turning = self::TURNING,
    ) {}

    public function withHeadShift(float $metres): self
    {
        return new self(
            $this->pace,
            $this->recoil,
            $this->close,
            $metres,
            $this->seesThreats,
            $this->times,
            $this->turning,
        );
    }
}
