<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Effect;

/** What happens in one beat, gathered while it is run. */
final class BeatLog
{
    public float $startsAt = 0.0;
    public float $fromX = 0.0;
    public float $fromY = 0.0;
    public float $facedAt = 0.0;
    public bool $heldBefore = false;
    public bool $carried = false;
    public bool $feetMoved = false;
    public bool $turned = false;

    /** Whether an arm of the attacker's was in the way round them. */
    public bool $barredBehind = false;
    /** @var list<Stride> */
    public array $strides = [];
    public ?Delivery $delivery = null;
    public ?Effect $effect = null;

    /** Both before the strikes, kept where one is aimed at the head. */
    public ?Scene $beforeStrikes = null;

    /** @var list<PerformedAction> */
    public array $performed = [];

    /** @var list<WornOff> */
    public array $wornOff = [];

    /** Seconds that it takes without any turning. */
    private readonly float $plain;

    /** @param float $seconds that it takes */
    public function __construct(public float $seconds)
    {
        $this->plain = $seconds;
    }

    /**
     * How long it takes with the turning that is in its strikes.
     *
     * @param array<int, float> $turns degrees that the body turns with an action, by position
     * @param float             $pace  share of full pace
     */
    public function turn(Beat $beat, array $turns, float $pace): void
    {
        foreach ($turns as $turn) {
            if (abs($turn) > Beat::FREE_TURN) {
                $this->seconds = $beat->seconds($turns) / $pace;

                return;
            }
        }
        $this->seconds = $this->plain;
    }
}
