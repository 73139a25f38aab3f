<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\LimbRule;
use StoneDrill\Core\Technique\Verb;

/** What the movements of a beat do to where the defender stands. Lengths as shares of the defender's stature. */
final readonly class Footwork
{
    private const STEP = 0.35;
    private const SLIDE = 0.20;
    private const HOP = 0.25;
    private const LEAVE = 1.05;
    private const SPREAD = 0.45;
    private const SINK = 0.10;

    /** How far the defender turns of itself toward the attacker when a foot has moved. */
    private const TURN = 90.0;

    /**
     * Feet, pivots, crouch, in written order.
     *
     * @param list<Action> $actions
     *
     * @return array{bool, bool} whether a foot moved, and whether the body pivoted
     */
    public static function move(Scene $scene, array $actions): array
    {
        $moved = $turned = false;
        foreach ($actions as $action) {
            if (! $action->verb instanceof Verb) {
                continue;
            }
            if ($action->verb->movesFeet()) {
                if (! $scene->posture->fixesFeet()) {
                    self::step($scene, $action, $action->verb);
                    $moved = true;
                }
            } elseif ($action->verb->turns()) {
                $scene->facing = $action->bearing?->toDegrees() ?? $scene->facing;
                $turned = true;
            }
            self::sink($scene, $action, $action->verb);
        }

        return [$moved, $turned];
    }

    /** Turns the defender toward the attacker as far as feet that moved do by themselves; clockwise when the attacker is straight behind. */
    public static function turnToAttacker(Scene $scene): void
    {
        $scene->facing = Angle::turned($scene->facing, $scene->bearingToAttacker(), self::TURN);
    }

    private static function step(Scene $scene, Action $action, Verb $verb): void
    {
        $bearing = deg2rad($action->bearing?->toDegrees() ?? 0.0);
        $own = $scene->bodies->defender;
        $length = static fn (float $share): float => ($action->manner->size?->of($share * $own) ?? $share * $own) * $action->manner->count;
        match ($verb) {
            Verb::Step => self::place($scene, $action->limb, $length(self::STEP) * sin($bearing), $length(self::STEP) * cos($bearing), false),
            Verb::Cross => self::place($scene, $action->limb, $length(self::STEP) * sin($bearing), $length(self::STEP) * cos($bearing), true),
            Verb::Slide => $scene->carryDefender($length(self::SLIDE) * sin($bearing), $length(self::SLIDE) * cos($bearing)),
            Verb::Hop => $scene->carryDefender($length(self::HOP) * sin($bearing), $length(self::HOP) * cos($bearing)),
            Verb::Leave => $scene->carryDefender($length(self::LEAVE) * sin($bearing), $length(self::LEAVE) * cos($bearing)),
            Verb::Spread => self::setApart($scene, $action->manner->size?->of(self::SPREAD * $own) ?? self::SPREAD * $own),
            default => self::setApart($scene, 2 * Joint::Hip->lateral() * $own),
        };
    }

    /** Puts one foot somewhere: off from where it was, or off from the other foot. */
    private static function place(Scene $scene, ?Limb $foot, float $x, float $y, bool $isFromOther): void
    {
        if ($foot === Limb::LeftFoot) {
            [$fromX, $fromY] = $isFromOther ? [$scene->rightX, $scene->rightY] : [$scene->leftX, $scene->leftY];
            $scene->placeFeet($fromX + $x, $fromY + $y, $scene->rightX, $scene->rightY);
        } else {
            [$fromX, $fromY] = $isFromOther ? [$scene->leftX, $scene->leftY] : [$scene->rightX, $scene->rightY];
            $scene->placeFeet($scene->leftX, $scene->leftY, $fromX + $x, $fromY + $y);
        }
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
        if ($verb->limbs() !== LimbRule::WholeBody) {
            return;
        }
        $usual = self::SINK * $scene->bodies->defender;
        $length = ($action->manner->size?->of($usual) ?? $usual) * $action->manner->count;
        $bearing = deg2rad($action->bearing?->toDegrees() ?? 0.0);
        match ($verb) {
            Verb::Drop => $scene->crouch += $length,
            Verb::TurnUnder => $scene->crouch = max($scene->crouch, $usual),
            Verb::Rise => $scene->crouch = 0.0,
            Verb::Kneel => $scene->posture = Posture::Kneeling,
            Verb::GetUp => $scene->posture = Posture::Standing,
            Verb::Slip => [$scene->slipX, $scene->slipY] = [$scene->slipX + $length * sin($bearing), $scene->slipY + $length * cos($bearing)],
            default => null,
        };
    }
}
