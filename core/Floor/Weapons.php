<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Geometry\Reach;

/** What the attacker has free to strike with, and how far it comes. */
final readonly class Weapons
{
    /** Shares of a stature: where a free fist aims, and where a free foot does. */
    public const FIST_AIM = 0.93;
    public const FOOT_AIM = 0.58;

    public const FIST = 0.386;
    public const FOOT = 0.53;

    /** Degrees off the attacker's facing within which the attacker strikes. */
    public const ARC = 110.0;

    /** How far the attacker bends, as a share of the attacker's stature. */
    private const BEND = 0.15;

    /**
     * Metres that the attacker reaches from the joint, lean included (legs have none).
     *
     * @param float $chain length of the chain, as a share of the attacker's stature
     * @param float $aim   metres above the floor
     */
    public static function reach(Scene $scene, float $chain, bool $isLeg, float $aim): float
    {
        $joint = $scene->attackerJointHeight(($isLeg ? Joint::Hip : Joint::Shoulder)->height());

        return self::reachFrom($scene, $joint, $chain, $aim, $isLeg ? 0.0 : Bodies::LEAN);
    }

    /**
     * Metres the attacker's joint lies to the side of the attacker's axis: to the attacker's left below 0, for one
     * hand; for both in the middle.
     */
    public static function offset(Scene $scene, Hand $side, bool $isLeg): float
    {
        $lateral = ($isLeg ? Joint::Hip : Joint::Shoulder)->lateral() * $scene->bodies->attacker;

        return match ($side) {
            Hand::Left => -$lateral,
            Hand::Right => $lateral,
            default => 0.0,
        };
    }

    /**
     * What a free fist has to spare to the defender's head once the attacker stands and faces the defender; null where
     * none is free.
     */
    public static function fistMargin(Scene $scene): ?float
    {
        $hands = array_filter(
            [Hand::Left, Hand::Right],
            static fn (Hand $side): bool => ! isset($scene->armsGone[$side->value]) && ! $scene->hasGripOnArm($side),
        );
        if ($hands === []) {
            return null;
        }
        $height = $scene->bodies->attacker;
        $joint = (Joint::Shoulder->height() - ($scene->isAstride ? Scene::ASTRIDE : 0.0)) * $height;

        return self::reachFrom($scene, $joint, self::FIST, $scene->height(self::FIST_AIM), Bodies::LEAN)
            + Bodies::SURFACE * $scene->bodies->defender
            - hypot($scene->distance(), Joint::Shoulder->lateral() * $height);
    }

    /**
     * Every weapon of the attacker's that is free, with what it reaches.
     *
     * @return list<Threat>
     */
    public static function free(Scene $scene): array
    {
        if ($scene->attackerPosture === Posture::Lying) {
            return [];
        }
        [$x, $y] = [$scene->x - $scene->attackerX, $scene->y - $scene->attackerY];
        [$headX, $headY] = $scene->head();
        if (abs(Angle::turn($scene->attackerFacing, Angle::of($x, $y))) > self::ARC + 1e-9) {
            return [];
        }
        $facing = deg2rad($scene->attackerFacing);
        [$cos, $sin] = [cos($facing), sin($facing)];
        $surface = Bodies::SURFACE * $scene->bodies->defender;
        $reach = [];
        $threats = [];
        foreach (self::sides($scene) as [$side, $isHand]) {
            $limb = $isHand ? 'hand' : 'foot';
            $reach[$limb] ??=
                $surface
                + ($isHand
                    ? self::reach($scene, self::FIST, false, $scene->height(self::FIST_AIM))
                    : self::reach($scene, self::FOOT, true, $scene->height(self::FOOT_AIM)));
            $offset = self::offset($scene, $side, ! $isHand);
            $distance = hypot(
                ($isHand ? $headX - $scene->attackerX : $x) - $offset * $cos,
                ($isHand ? $headY - $scene->attackerY : $y) + $offset * $sin,
            );
            $threats[] = new Threat($side, $isHand, $reach[$limb] - $distance, $reach[$limb]);
        }

        return $threats;
    }

    /**
     * The sides of the attacker's hands and feet that hold nothing, are held by nothing and stand on nobody.
     *
     * @return list<array{Hand, bool}> side, and whether it is a hand
     */
    public static function sides(Scene $scene): array
    {
        $free = [];
        foreach ([Hand::Left, Hand::Right] as $side) {
            if (
                ! $scene->hold->keeps($side)
                && ! isset($scene->armsGone[$side->value])
                && ! $scene->hasGripOnArm($side)
            ) {
                $free[] = [$side, true];
            }
        }
        foreach ([Hand::Left, Hand::Right] as $side) {
            if ($scene->attackerPosture === Posture::Standing && ! $scene->isAstride && ! $scene->hasGripOnLeg($side)) {
                $free[] = [$side, false];
            }
        }

        return $free;
    }

    /**
     * @param float $joint metres above the floor
     * @param float $lean  as a share of the attacker's stature, like the chain
     */
    private static function reachFrom(Scene $scene, float $joint, float $chain, float $aim, float $lean): float
    {
        $height = $scene->bodies->attacker;

        return Reach::bent(
            $chain * $height,
            $joint,
            max(0.0, $joint - self::BEND * $height),
            $aim,
            $lean * $height,
        );
    }
}
