<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use LogicException;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Geometry\Reach;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;

/** Where the defender's strikes get to, from where everyone is. */
final readonly class Striker
{
    /** How far down a shoulder counts as anywhere, as a share of the stature. */
    private const DROP = 0.10;

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

        return $this->at($scene, $action->limb, $action->verb, $action->targets);
    }

    /**
     * The hand that is free for something that needs no reach: the right one when both are.
     *
     * @param list<Action> $actions of the same beat
     */
    public function freeHand(Scene $scene, array $actions): Limb
    {
        return $this->freeHands($scene, $actions)[0];
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
            $hit = $this->at($scene, $hand, $strike, $action->targets ?: throw new LogicException('A strike has a target.'));
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
                $busy[$limb->value] = true;
            }
        }
        $free = array_values(array_filter(
            [Limb::RightHand, Limb::LeftHand],
            static fn (Limb $hand): bool => ! isset($busy[$hand->value]) && ! isset($scene->grips[$hand->value]) && $scene->hold->status($hand)->isFree(),
        ));

        return $free === [] ? [Limb::RightHand, Limb::LeftHand] : $free;
    }

    /** @param non-empty-list<Target> $targets */
    private function at(Scene $scene, Limb $limb, Strike $strike, array $targets): Hit
    {
        $first = null;
        foreach ($targets as $target) {
            $hit = $this->one($scene, $limb, $strike, $target);
            if ($hit->aim->isFaced && $hit->reaches()) {
                return $hit;
            }
            $first ??= $hit;
        }

        return $first;
    }

    private function one(Scene $scene, Limb $limb, Strike $strike, Target $target): Hit
    {
        [$x, $y] = [$scene->x, $scene->y];
        $facing = $scene->facing;
        $off = Angle::turn($facing, $scene->bearingToAttacker());
        $isInArc = $strike->reachesRound($off, $limb->isLeft());
        $isFaced = $target->face()->isExposedTo(Angle::turn($scene->attackerFacing, Angle::of($x - $scene->attackerX, $y - $scene->attackerY)))
            || ($scene->attackerPosture === Posture::Folded && ($target === Target::BackOfHead || $target === Target::Spine));
        $share = $target->height();
        $height = $share === null ? null : $scene->attackerHeight($share, $target->isOfHead());
        [$reach, $gap] = [0.0, 0.0];
        if ($height !== null) {
            $own = $scene->bodies->defender;
            $joint = $strike->joint();
            $at = $scene->jointHeight($joint->height());
            $isArm = $joint === Joint::Shoulder;
            $found = Reach::at($strike->chain() * $own, $at, $isArm ? max(0.0, $at - self::DROP * $own) : $at, $height, $isArm ? Bodies::LEAN * $own : 0.0);
            [$targetX, $targetY] = $target->isOfHead() ? $this->head($scene) : [$scene->attackerX, $scene->attackerY];
            $side = $limb->isLeft() ? -1 : ($limb->isRight() ? 1 : 0);
            $lateral = $side * $joint->lateral() * $own;
            $gap = hypot($targetX - $x - $lateral * cos(deg2rad($facing)), $targetY - $y + $lateral * sin(deg2rad($facing))) - Bodies::SURFACE * $scene->bodies->attacker;
            if ($found === null) {
                return new Hit($limb, $strike, $target, new Measure(null, true, 0.0, $gap, $height), new Aim($isFaced, $isInArc, $off));
            }
            $reach = $found;
        }

        return new Hit($limb, $strike, $target, new Measure($height === null ? null : $reach - $gap, false, $reach, $gap, $height), new Aim($isFaced, $isInArc, $off));
    }

    /** @return array{float, float} */
    private function head(Scene $scene): array
    {
        [$x, $y] = $scene->attackerHead();
        $across = deg2rad($scene->attackerFacing + 90);

        return [$x + $this->headShift * sin($across), $y + $this->headShift * cos($across)];
    }
}
