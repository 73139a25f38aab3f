<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Target;

/**
 * Where the targets on the attacker are. Those on the trunk stand over the axis; the points of an arm lie along it, and
 * a leg that kicks is met on its way.
 */
final readonly class Spots
{
    /** How far along the arm from the shoulder a point lies. */
    private const ALONG = [
        'upper arm' => 0.25, 'elbow' => 0.5, 'forearm' => 0.75, 'wrist' => 0.95, 'hand' => 1.0, 'fingers' => 1.0,
    ];

    /** Where a leg that kicks is met on the way from its hip to its aim. */
    private const MET = 0.75;

    /**
     * Elbow and hand of an arm that does nothing: ahead of its shoulder, and how high, as shares of the attacker's
     * stature.
     */
    private const ELBOW = [0.1, 0.6];
    private const HAND = [0.25, 0.78];

    /**
     * @param float $headShift metres by which the attacker's head is to the side of where it is thought to be; to the
     *     attacker's right above 0
     */
    public function __construct(private Kind $kind, private Facets $facets, private float $headShift = 0.0) {}

    /**
     * @param Limb $by one limb of the defender's that goes there; where two arms are there, it meets the one on its
     *     side
     */
    public function of(Scene $scene, Target $target, Limb $by): Spot
    {
        if ($target->height() === null) {
            return $this->ofArm($scene, $target, $this->armMetBy($scene, $by));
        }
        $out = $scene->out;
        if ($out !== null && $out->isLeg && $target->isOfLeg()) {
            return $this->ofLeg($scene, $out);
        }

        return $this->ofBody($scene, $target);
    }

    /**
     * The same as it was while a limb that has gone back since was still out; null where none has, or it is another
     * one.
     */
    public function before(Scene $scene, Target $target, Limb $by): ?Spot
    {
        $back = $scene->goneBack;
        if ($back === null || $scene->out !== null) {
            return null;
        }
        $isOfIt = $back->isLeg
            ? $target->isOfLeg()
            : $target->height() === null && $back->isOf($this->armMetBy($scene, $by));
        if (! $isOfIt) {
            return null;
        }
        $then = clone $scene;
        $then->out = $back;

        return $this->of($then, $target, $by);
    }

    /** Where the attacker's hands are, and a foot that is out. */
    public function limbs(Scene $scene): Limbs
    {
        $hands = $busy = [];
        foreach ([Hand::Left, Hand::Right] as $arm) {
            $end = $this->endOf($scene, $arm);
            $hands[$arm->value]
                = $end ?? $this->ahead($scene, $this->joint($scene, Joint::Shoulder, $arm), ...self::HAND);
            if ($end !== null) {
                $busy[] = $arm->value;
            }
        }
        $kicks = $scene->out !== null && $scene->out->isLeg ? $scene->out : null;
        $held = array_values(array_filter([Limb::LeftHand, Limb::RightHand], $scene->hold->holdsWristOf(...)));

        return new Limbs(
            $hands,
            $busy,
            $kicks?->side,
            $kicks === null ? null : new Spot($scene->x, $scene->y, $scene->height($kicks->aim), 0.0),
            $held,
        );
    }

    /**
     * The arm of the attacker's that a hand of the defender's meets: the one that attacks, where it is one; otherwise
     * the one on the same side of the room.
     */
    public function armMetBy(Scene $scene, Limb $hand): Hand
    {
        if ($this->facets->hand->isOne() && $this->kind->family !== Family::Kick) {
            return $this->facets->hand;
        }

        return $this->sameSide($scene, $hand);
    }

    public function legMetBy(Scene $scene, Limb $hand): Hand
    {
        return $this->facets->hand->isOne() && $this->kind->family === Family::Kick
            ? $this->facets->hand
            : $this->sameSide($scene, $hand);
    }

    private function sameSide(Scene $scene, Limb $hand): Hand
    {
        $own = $hand->isLeft() ? Hand::Left : Hand::Right;

        return abs(Angle::turn($scene->facing, $scene->attackerFacing)) < 90 ? $own : $own->mirror();
    }

    private function ofBody(Scene $scene, Target $target): Spot
    {
        [$x, $y] = $target->isOfHead() ? $this->head($scene) : [$scene->attackerX, $scene->attackerY];

        return new Spot(
            $x,
            $y,
            $scene->attackerHeight((float) $target->height(), $target->isOfHead()),
            Bodies::SURFACE * $scene->bodies->attacker,
        );
    }

    /** @return array{float, float} */
    private function head(Scene $scene): array
    {
        [$x, $y] = $scene->attackerHead();
        if ($this->headShift === 0.0) {
            return [$x, $y];
        }
        $across = deg2rad($scene->attackerFacing + 90);

        return [$x + $this->headShift * sin($across), $y + $this->headShift * cos($across)];
    }

    private function ofArm(Scene $scene, Target $target, Hand $arm): Spot
    {
        $along = self::ALONG[$target->value] ?? 1.0;
        $shoulder = $this->joint($scene, Joint::Shoulder, $arm);
        $end = $this->endOf($scene, $arm);
        if ($end !== null) {
            // What holds the defender is at hand, wherever along the arm it is taken.
            $isAtHand = $scene->hold->keeps($arm) && $along >= 0.5;

            return self::between($shoulder, $end, $isAtHand ? 1.0 : $along);
        }
        $elbow = $this->ahead($scene, $shoulder, ...self::ELBOW);

        return $along <= 0.5
            ? self::between($shoulder, $elbow, $along / 0.5)
            : self::between($elbow, $this->ahead($scene, $shoulder, ...self::HAND), ($along - 0.5) / 0.5);
    }

    private function ofLeg(Scene $scene, OutLimb $out): Spot
    {
        return self::between(
            $this->joint($scene, Joint::Hip, $out->side),
            new Spot($scene->x, $scene->y, $scene->height($out->aim), 0.0),
            self::MET,
        );
    }

    /** Where an arm that holds, attacks or is gripped ends; null where it does none of these. */
    private function endOf(Scene $scene, Hand $arm): ?Spot
    {
        if ($scene->hold->keeps($arm)) {
            return $this->kind->holdsWrist()
                ? self::halfway($scene, $scene->wrist)
                : new Spot($scene->x, $scene->y, $scene->height($this->kind->holdsAt()), 0.0);
        }
        if ($scene->out !== null && ! $scene->out->isLeg && $scene->out->isOf($arm)) {
            return $scene->out->isHalfway
                ? self::halfway($scene, $scene->out->aim)
                : new Spot($scene->x, $scene->y, $scene->height($scene->out->aim), 0.0);
        }

        return $scene->hasGripOnArm($arm) ? self::halfway($scene, Scene::WRIST) : null;
    }

    private static function halfway(Scene $scene, float $share): Spot
    {
        return new Spot(
            ($scene->x + $scene->attackerX) / 2,
            ($scene->y + $scene->attackerY) / 2,
            $scene->height($share),
            0.0,
        );
    }

    private function joint(Scene $scene, Joint $joint, Hand $side): Spot
    {
        $lateral = Weapons::offset($scene, $side, $joint === Joint::Hip);
        $facing = deg2rad($scene->attackerFacing);

        return new Spot(
            $scene->attackerX + $lateral * cos($facing),
            $scene->attackerY - $lateral * sin($facing),
            $scene->attackerJointHeight($joint->height()),
            0.0,
        );
    }

    /** @param float $ahead share of the attacker's stature that it lies ahead of the shoulder */
    private function ahead(Scene $scene, Spot $shoulder, float $ahead, float $height): Spot
    {
        $metres = $ahead * $scene->bodies->attacker;
        $facing = deg2rad($scene->attackerFacing);

        return new Spot(
            $shoulder->x + $metres * sin($facing),
            $shoulder->y + $metres * cos($facing),
            $scene->attackerHeight($height, false),
            0.0,
        );
    }

    private static function between(Spot $from, Spot $to, float $share): Spot
    {
        return new Spot(
            $from->x + $share * ($to->x - $from->x),
            $from->y + $share * ($to->y - $from->y),
            $from->height + $share * ($to->height - $from->height),
            0.0,
        );
    }
}
