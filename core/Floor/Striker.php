<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use LogicException;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Geometry\Reach;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** Where the defender's strikes get to, from where everyone is. */
final readonly class Striker
{
    /** How far down a shoulder, and the hip for a knee, counts as anywhere, as a share of the stature. */
    private const DROP = 0.10;

    /** Degrees past the edge of its half that a strike goes round to a target, and the share of the stature it takes of its reach. */
    private const ROUND = 50.0;
    private const ROUND_COSTS = 0.15;

    /** A crouch from which the defender bends to what is low, as a share of the stature. */
    private const CROUCHED = 0.10;

    /** How far a strike carries the body along where it is short, as shares of the stature. */
    private const DRIVE = 0.12;
    private const KNEE_DRIVE = 0.25;
    private const KICK_DRIVE = 0.35;

    /** @param float $headShift metres by which the attacker's head is to the side of where it is thought to be; to the attacker's right above 0 */
    public function __construct(private float $headShift = 0.0) {}

    /**
     * The strike at the first of its targets that is exposed and reached, otherwise at the first.
     *
     * @param list<Action> $actions of the same beat
     */
    public function hit(Scene $scene, Action $action, array $actions): ?Hit
    {
        if (! $action->verb instanceof Strike || $action->limb === null || $action->targets === []) {
            return null;
        }
        if ($action->limb === Limb::FreeHand) {
            return $this->byFreeHand($scene, $action, $action->verb, $actions);
        }

        return $this->at($scene, self::named($scene, $action->limb), $action->verb, $action->targets, $action, $actions);
    }

    /**
     * The limb that does something that needs no reach: of `free hand` the right one when both are free.
     *
     * @param list<Action> $actions of the same beat
     */
    public function limb(Scene $scene, Limb $limb, array $actions): Limb
    {
        return $limb === Limb::FreeHand ? $this->freeHands($scene, $actions)[0] : self::named($scene, $limb);
    }

    /** The hand that `held hand` and `other hand` mean; any other limb is itself. */
    private static function named(Scene $scene, Limb $limb): Limb
    {
        return match ($limb) {
            Limb::HeldHand => $scene->heldHand,
            Limb::OtherHand => $scene->heldHand->mirror(),
            default => $limb,
        };
    }

    /** Metres from a shoulder within which a fist meets the front of the attacker's chin; null where it is too high for any distance. */
    public function fistReach(Scene $scene): ?float
    {
        $own = $scene->bodies->defender;
        $joint = $scene->jointHeight(Joint::Shoulder->height());
        $chin = $scene->attackerHeight((float) Target::Chin->height(), true);
        $reach = Reach::at(Strike::Punch->chain() * $own, $joint, max(0.0, $joint - self::DROP * $own), $chin, Bodies::LEAN * $own);

        return $reach === null ? null : $reach + Bodies::SURFACE * $scene->bodies->attacker;
    }

    /** @param list<Action> $actions */
    private function byFreeHand(Scene $scene, Action $action, Strike $strike, array $actions): Hit
    {
        $best = null;
        foreach ($this->freeHands($scene, $actions) as $hand) {
            $hit = $this->at($scene, $hand, $strike, $action->targets ?: throw new LogicException('A strike has a target.'), $action, $actions);
            if ($best === null || ($hit->measure->margin ?? -INF) > ($best->measure->margin ?? -INF) + 1e-9) {
                $best = $hit;
            }
        }

        return $best;
    }

    /**
     * The hands that nothing holds, that grip nothing and have nothing else to do; both when there is none. Right first.
     *
     * @param list<Action> $actions
     *
     * @return non-empty-list<Limb>
     */
    private function freeHands(Scene $scene, array $actions): array
    {
        $busy = [];
        foreach ($actions as $action) {
            foreach ($action->limb?->singles() ?? [] as $limb) {
                $busy[self::named($scene, $limb)->value] = true;
            }
        }
        $free = array_values(array_filter(
            [Limb::RightHand, Limb::LeftHand],
            static fn (Limb $hand): bool => ! isset($busy[$hand->value]) && ! isset($scene->grips[$hand->value]) && $scene->hold->status($hand)->isFree(),
        ));

        return $free === [] ? [Limb::RightHand, Limb::LeftHand] : $free;
    }

    /**
     * @param non-empty-list<Target> $targets
     * @param list<Action>           $actions of the same beat
     */
    private function at(Scene $scene, Limb $limb, Strike $strike, array $targets, Action $action, array $actions): Hit
    {
        $from = $this->from($scene, $action, $actions);
        $most = $this->mostDrive($scene, $strike, $actions);
        $first = null;
        foreach ($targets as $target) {
            $turning = $action->manner->spinning ? Turning::none($scene) : Turning::of($scene, $limb, $strike, $target);
            $hit = $this->one($scene, $limb, $strike, $target, $turning, $from, $most);
            if ($hit->aim->isFaced && $hit->reaches()) {
                return $hit;
            }
            $first ??= $hit;
        }

        return $first;
    }

    /**
     * Where a strike is thrown from: the axis, or the foot that has come for a kick.
     *
     * @param list<Action> $actions of the same beat
     *
     * @return array{float, float}
     */
    private function from(Scene $scene, Action $action, array $actions): array
    {
        if ($action->limb === null || Beat::stepBefore($actions, $action) === null) {
            return [$scene->x, $scene->y];
        }

        return $action->limb->isLeft() ? [$scene->rightX, $scene->rightY] : [$scene->leftX, $scene->leftY];
    }

    /**
     * Metres that a strike carries the body along at most: only while both feet stand.
     *
     * @param list<Action> $actions of the same beat
     */
    private function mostDrive(Scene $scene, Strike $strike, array $actions): float
    {
        foreach ($actions as $action) {
            if ($action->verb instanceof Verb && $action->verb->movesFeet()) {
                return 0.0;
            }
        }

        return $scene->posture !== Posture::Standing || $strike === Strike::Stomp ? 0.0 : $scene->bodies->defender * match (true) {
            $strike->isKick() => self::KICK_DRIVE,
            $strike === Strike::Knee => self::KNEE_DRIVE,
            default => self::DRIVE,
        };
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

    /** @param array{float, float} $from */
    private function one(Scene $scene, Limb $limb, Strike $strike, Target $target, Turning $turning, array $from, float $most): Hit
    {
        [$x, $y] = [$scene->x, $scene->y];
        $facing = $turning->facing;
        $off = Angle::turn($facing, $scene->bearingToAttacker());
        $missesArc = $scene->isHeldAt($target) ? 0.0 : $strike->missesRound($off, $limb->isLeft());
        $missesFace = $this->missesFace($scene, $target);
        $goesRound = $missesFace > 1e-9 && $missesFace <= self::ROUND + 1e-9 && $strike->wraps() && $target !== Target::Spine;
        $missesFace = $goesRound ? 0.0 : $missesFace;
        $share = $target->height();
        $height = $share === null ? null : $scene->attackerHeight($share, $target->isOfHead());
        $aim = new Aim($missesFace, $missesArc, $off, $turning->by, $turning->leaves);
        if ($height !== null) {
            $own = $scene->bodies->defender;
            $joint = $strike->joint();
            $at = $scene->jointHeight($joint->height());
            $isArm = $joint === Joint::Shoulder;
            $low = $isArm || $strike === Strike::Knee ? max(0.0, $at - self::DROP * $own) : $at;
            $lean = ($isArm ? Bodies::LEAN * $own : 0.0) - ($goesRound ? self::ROUND_COSTS * $own : 0.0);
            $found = $height < $low && $this->bends($scene)
                ? Reach::bent($strike->chain() * $own, $at, $low, $height, $lean)
                : Reach::at($strike->chain() * $own, $at, $low, $height, $lean);
            [$targetX, $targetY] = $target->isOfHead() ? $this->head($scene) : [$scene->attackerX, $scene->attackerY];
            $side = $limb->isLeft() ? -1 : ($limb->isRight() ? 1 : 0);
            $lateral = $side * $joint->lateral() * $own;
            [$toX, $toY] = [$targetX - $from[0] - $lateral * cos(deg2rad($facing)), $targetY - $from[1] + $lateral * sin(deg2rad($facing))];
            $length = hypot($toX, $toY);
            $gap = $length - Bodies::SURFACE * $scene->bodies->attacker;
            if ($found === null) {
                return new Hit($limb, $strike, $target, new Measure(null, true, 0.0, $gap, $height), $aim);
            }
            $missing = min($most, $gap - $found);
            $drive = $missing > 0 && $length > 0 ? self::room($scene, $toX / $length, $toY / $length, $missing) : 0.0;

            return new Hit($limb, $strike, $target, new Measure($found - $gap, false, $found, $gap, $height, $drive, Angle::of($toX, $toY)), $aim);
        }

        return new Hit($limb, $strike, $target, new Measure(null, false, 0.0, 0.0, null), $aim);
    }

    /** Degrees by which a target is not on the half of the attacker's body that is turned to the striker; 0 or below where it is. */
    private function missesFace(Scene $scene, Target $target): float
    {
        $isOpen = ($target === Target::BackOfHead || $target === Target::Spine)
            && ($scene->attackerPosture === Posture::Folded || $scene->hasGripOnHead());

        return $isOpen ? 0.0 : $target->face()->missedBy(Angle::turn($scene->attackerFacing, Angle::of($scene->x - $scene->attackerX, $scene->y - $scene->attackerY)));
    }

    /** Whether the defender bends to what is lower than the joint: the attacker is down, or the defender is. */
    private function bends(Scene $scene): bool
    {
        return $scene->attackerPosture === Posture::Lying || $scene->attackerPosture === Posture::Kneeling || $scene->posture === Posture::Kneeling
            || $scene->crouch >= self::CROUCHED * $scene->bodies->defender - 1e-9;
    }

    /** @return array{float, float} */
    private function head(Scene $scene): array
    {
        [$x, $y] = $scene->attackerHead();
        $across = deg2rad($scene->attackerFacing + 90);

        return [$x + $this->headShift * sin($across), $y + $this->headShift * cos($across)];
    }
}
