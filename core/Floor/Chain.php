<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Geometry\Reach;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;

/** A limb of the defender's as what reaches: from which joint, how far. Shares of the defender's stature. */
final readonly class Chain
{
    /** How far down a shoulder, and the hip for a knee, counts as anywhere. */
    private const DROP = 0.1;

    /** A crouch from which the defender bends to what is low. */
    private const CROUCHED = 0.1;

    /** How far a hand that is short carries the body along. */
    public const DRIVE = 0.12;

    /** What a hand, or a foot that sweeps, controls with. */
    private const CONTROL = 0.386;
    private const SWEEP = 0.53;

    /**
     * @param bool $isLoose whether its joint counts as anywhere from its height down to .10 lower
     * @param bool $leans   whether the trunk brings it forward
     */
    private function __construct(
        private Joint $joint,
        private float $length,
        private bool $isLoose,
        private bool $leans,
    ) {}

    /** What a strike or a control reaches with. There are few of them, and each is asked for often. */
    public static function of(Strike|Verb $verb): self
    {
        static $chains = [];

        return $chains[$verb::class][$verb->value] ??= self::made($verb);
    }

    private static function made(Strike|Verb $verb): self
    {
        if ($verb instanceof Strike) {
            $isArm = $verb->joint() === Joint::Shoulder;

            return new self($verb->joint(), $verb->chain(), $isArm || $verb === Strike::Knee, $isArm);
        }

        return $verb === Verb::Sweep
            ? new self(Joint::Hip, self::SWEEP, false, false)
            : new self(Joint::Shoulder, self::CONTROL, true, true);
    }

    /**
     * Whether the body goes along with what is short: no movement of the feet is written, and both stand on the floor.
     *
     * @param list<Action> $actions of the beat
     */
    public static function isCarried(Scene $scene, array $actions): bool
    {
        foreach ($actions as $action) {
            if ($action->verb instanceof Verb && $action->verb->movesFeet()) {
                return false;
            }
        }

        return $scene->posture === Posture::Standing || $scene->posture === Posture::AllFours;
    }

    /**
     * How far it reaches to a spot, and how far it has to.
     *
     * @param array{float, float} $from   where the axis is, or stands in for it
     * @param float               $facing of the defender, in degrees clockwise from 12
     * @param float               $costs  metres that going round to it takes
     * @param float               $most   metres that the body is carried along at most
     */
    public function measure(
        Scene $scene,
        Limb $limb,
        Spot $spot,
        array $from,
        float $facing,
        float $costs,
        float $most,
    ): Measure {
        $own = $scene->bodies->defender;
        $at = $scene->jointHeight($this->joint->height());
        $low = $this->isLoose ? max(0.0, $at - self::DROP * $own) : $at;
        $lean = ($this->leans ? Bodies::LEAN * $own : 0.0) - $costs;
        $found = $spot->height < $low && self::bends($scene)
            ? Reach::bent($this->length * $own, $at, $low, $spot->height, $lean)
            : Reach::at($this->length * $own, $at, $low, $spot->height, $lean);
        $lateral = ($limb->isLeft() ? -1 : ($limb->isRight() ? 1 : 0)) * $this->joint->lateral() * $own;
        [$toX, $toY] = [
            $spot->x - $from[0] - $lateral * cos(deg2rad($facing)),
            $spot->y - $from[1] + $lateral * sin(deg2rad($facing)),
        ];
        $length = hypot($toX, $toY);
        $gap = $length - $spot->surface;
        if ($found === null) {
            return new Measure(null, true, 0.0, $gap, $spot->height);
        }
        $missing = min($most, $gap - $found);
        $drive = $missing > 0 && $length > 0 ? self::room($scene, $toX / $length, $toY / $length, $missing) : 0.0;

        return new Measure($found - $gap, false, $found, $gap, $spot->height, $drive, Angle::of($toX, $toY));
    }

    /** Whether the defender bends to what is lower than the joint: the attacker is down, or the defender is. */
    private static function bends(Scene $scene): bool
    {
        return $scene->attackerPosture === Posture::Lying
            || $scene->attackerPosture === Posture::Kneeling
            || $scene->posture === Posture::Kneeling
            || $scene->crouch >= self::CROUCHED * $scene->bodies->defender - 1e-9;
    }

    /**
     * Metres that the axis can go one way, at most so many, without coming nearer than bodies stand apart.
     *
     * @param float $x east part of the direction, of length 1
     * @param float $y north part
     */
    private static function room(Scene $scene, float $x, float $y, float $most): float
    {
        [$toX, $toY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
        $along = $toX * $x + $toY * $y;
        $beyond = $toX ** 2 + $toY ** 2 - $scene->bodies->least() ** 2;
        if ($along <= 0 || $along ** 2 < $beyond) {
            return $most;
        }

        return max(0.0, min($most, $along - sqrt($along ** 2 - max(0.0, $beyond))));
    }
}
