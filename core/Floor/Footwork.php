<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\LimbRule;
use StoneDrill\Core\Technique\Toward;
use StoneDrill\Core\Technique\Verb;

/** What the movements of a beat do to where the defender stands. Lengths as shares of the defender's stature. */
final readonly class Footwork
{
    private const STEP = 0.35;
    private const SLIDE = 0.2;
    private const HOP = 0.25;
    private const LEAVE = 1.05;
    private const SPREAD = 0.45;
    private const SINK = 0.1;
    private const RIDE = 0.2;

    /** A foot that would come nearer than this to the other goes past it, and so far. */
    private const TOO_NEAR = 0.12;
    private const PAST = 0.2;

    /** A foot that leaves the other farther behind than this draws it after, until they are so far apart. */
    private const TOO_FAR = 0.5;
    private const DRAWN_TO = 0.35;

    /** How far the defender turns of itself toward the attacker when a foot has moved. */
    private const TURN = 90.0;

    /**
     * Feet, pivots, crouch, in written order.
     *
     * @param list<Action> $actions
     * @param float        $factor  share of the usual length of what is elastic
     *
     * @return array{bool, bool, list<Stride>} whether a foot moved, whether the body pivoted, and what went how far
     */
    public static function move(Scene $scene, array $actions, float $factor = 1.0): array
    {
        $moved = $turned = $scene->isFacingWritten = $scene->isBarredBehind = $scene->wentBehind = false;
        $strides = [];
        foreach ($actions as $action) {
            if (! ($action->verb instanceof Verb)) {
                continue;
            }
            if ($action->verb->movesFeet()) {
                if (! $scene->posture->fixesFeet()) {
                    self::step($scene, $action, $action->verb, $factor);
                    $moved = true;
                    if ($action->isElastic()) {
                        $strides[] = new Stride(
                            $action->limb,
                            $factor * self::usual($action->verb) * $scene->bodies->defender,
                            $factor,
                        );
                    }
                }
            } elseif ($action->verb->turns()) {
                $scene->facing = $action->bearing?->toDegrees() ?? $scene->facing;
                $turned = true;
            }
            self::sink($scene, $action, $action->verb);
            if ($action->manner->facing !== null) {
                $scene->facing = $action->manner->facing->toDegrees();
                $scene->isFacingWritten = true;
            }
        }

        return [$moved, $turned, $strides];
    }

    /**
     * Turns the defender toward the attacker as far as feet that moved do by themselves; clockwise when the attacker is
     * straight behind.
     */
    public static function turnToAttacker(Scene $scene): void
    {
        $scene->facing = Angle::turned($scene->facing, $scene->bearingToAttacker(), self::TURN);
    }

    /** How far a movement usually goes, as a share of the stature. */
    public static function usual(Verb $verb): float
    {
        return match ($verb) {
            Verb::Slide => self::SLIDE,
            Verb::Hop => self::HOP,
            Verb::Leave => self::LEAVE,
            Verb::Spread => self::SPREAD,
            Verb::Close => 2 * Joint::Hip->lateral(),
            Verb::Ride => self::RIDE,
            default => self::STEP,
        };
    }

    private static function step(Scene $scene, Action $action, Verb $verb, float $factor): void
    {
        $bearing = deg2rad($action->bearing?->toDegrees() ?? 0.0);
        $usual = self::usual($verb) * $scene->bodies->defender;
        $once = $action->manner->size?->of($usual) ?? ($action->isElastic() ? $factor * $usual : $usual);
        if ($verb === Verb::Spread || $verb === Verb::Close) {
            self::setApart($scene, $once);
            $scene->isSpread = $verb === Verb::Spread;

            return;
        }
        if ($verb === Verb::GoBehind) {
            self::goBehind($scene, $action);

            return;
        }
        $length = $once * $action->manner->count;
        if ($verb === Verb::Ride) {
            $bearing = deg2rad($scene->bearingToAttacker() + 180);
        }
        [$x, $y] = [$length * sin($bearing), $length * cos($bearing)];
        if ($verb === Verb::Step || $verb === Verb::Cross) {
            self::place($scene, $action, $x, $y, sin($bearing), cos($bearing));
        } else {
            $scene->carryDefender($x, $y);
        }
    }

    /**
     * Puts one foot somewhere: off from where it was, or off from the other foot where it crosses. Where no length is
     * written it goes past the other foot rather than beside it, and draws the other after it rather than straddle.
     */
    private static function place(Scene $scene, Action $action, float $x, float $y, float $wayX, float $wayY): void
    {
        $isLeft = $action->limb === Limb::LeftFoot;
        $foot = [$scene->leftX, $scene->leftY];
        $other = [$scene->rightX, $scene->rightY];
        if (! $isLeft) {
            [$foot, $other] = [$other, $foot];
        }
        [$fromX, $fromY] = $action->is(Verb::Cross) ? $other : $foot;
        $foot = [$fromX + $x, $fromY + $y];
        if ($action->isElastic()) {
            $own = $scene->bodies->defender;
            if (hypot($foot[0] - $other[0], $foot[1] - $other[1]) < self::TOO_NEAR * $own - 1e-9) {
                $foot = [$other[0] + self::PAST * $own * $wayX, $other[1] + self::PAST * $own * $wayY];
            }
            $apart = hypot($foot[0] - $other[0], $foot[1] - $other[1]);
            if ($apart > self::TOO_FAR * $own + 1e-9 && ! $scene->isSpread) {
                $share = (self::DRAWN_TO * $own) / $apart;
                $other = [$foot[0] + $share * ($other[0] - $foot[0]), $foot[1] + $share * ($other[1] - $foot[1])];
            }
        }
        $isLeft ? $scene->placeFeet(...$foot, ...$other) : $scene->placeFeet(...$other, ...$foot);
    }

    /**
     * Straight behind the attacker, as near as bodies stand, and facing the attacker; not past an arm that is out at
     * head height, unless the defender is low enough to go under it.
     */
    private static function goBehind(Scene $scene, Action $action): void
    {
        $side = $action->toward === Toward::Left ? Hand::Left : Hand::Right;
        if ($scene->hasArmAtHeadHeight($side) && $scene->crouch < self::SINK * $scene->bodies->defender - 1e-9) {
            $scene->isBarredBehind = true;

            return;
        }
        $behind = deg2rad($scene->attackerFacing + 180);
        $metres = $scene->bodies->least();
        $scene->carryDefender(
            $scene->attackerX + $metres * sin($behind) - $scene->x,
            $scene->attackerY + $metres * cos($behind) - $scene->y,
        );
        $scene->facing = $scene->bearingToAttacker();
        $scene->isFacingWritten = true;
        $scene->wentBehind = true;
    }

    /** Sets the feet so far apart along the line on which they stand, the axis still. */
    private static function setApart(Scene $scene, float $apart): void
    {
        [$x, $y] = [$scene->x, $scene->y];
        [$alongX, $alongY] = [$scene->rightX - $scene->leftX, $scene->rightY - $scene->leftY];
        $length = hypot($alongX, $alongY);
        if ($length < 1e-9) {
            $across = deg2rad($scene->facing + 90);
            [$alongX, $alongY, $length] = [sin($across), cos($across), 1.0];
        }
        $half = $apart / 2 / $length;
        $scene->placeFeet($x - $half * $alongX, $y - $half * $alongY, $x + $half * $alongX, $y + $half * $alongY);
    }

    private static function sink(Scene $scene, Action $action, Verb $verb): void
    {
        if ($action->limb !== null || $verb->limbs() !== LimbRule::WholeBody) {
            return;
        }
        $usual = self::SINK * $scene->bodies->defender;
        $length = ($action->manner->size?->of($usual) ?? $usual) * $action->manner->count;
        $bearing = deg2rad($action->bearing?->toDegrees() ?? 0.0);
        match ($verb) {
            Verb::Drop => ($scene->crouch += $length),
            Verb::TurnUnder => ($scene->crouch = max($scene->crouch, $usual)),
            Verb::Rise => ($scene->crouch = 0.0),
            Verb::Kneel => ($scene->posture = Posture::Kneeling),
            Verb::AllFours => ($scene->posture = Posture::AllFours),
            Verb::GetUp => ($scene->posture = Posture::Standing),
            Verb::Slip => ([$scene->slipX, $scene->slipY] = [
                $scene->slipX + $length * sin($bearing),
                $scene->slipY + $length * cos($bearing),
            ]),
            default => null,
        };
    }
}
