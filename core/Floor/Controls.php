<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\LimbStatus;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Toward;
use StoneDrill\Core\Technique\Verb;

/** What strikes and controls of a beat do, in written order. */
final readonly class Controls
{
    /** How far a hand moves the wrist that is held, as a share of the defender's stature. */
    private const MOVES_WRIST = 0.2;

    public function __construct(private Spots $spots, private Striker $striker, private Grasper $grasper) {}

    /**
     * @param list<Action> $actions
     *
     * @return list<PerformedAction>
     */
    public function act(Scene $scene, array $actions): array
    {
        $performed = [];
        foreach ($actions as $action) {
            [$limb, $hit, $grasp] = $this->perform($scene, $action, $actions);
            $singles = $limb?->singles() ?? [];
            $performed[] = new PerformedAction(
                $action,
                $limb,
                $this->hindered($scene, $singles),
                $hit,
                $action->isStrike() && $this->grips($scene, $singles),
                $hit === null ? null : $this->fromHold($scene, $singles, $hit),
                $grasp,
            );
            $this->control($scene, $action, $singles);
        }

        return $performed;
    }

    /**
     * How many of some actions can have a margin at all.
     *
     * @param list<Action> $actions
     */
    public static function measured(array $actions): int
    {
        return count(array_filter($actions, self::isMeasured(...)));
    }

    /**
     * Whether all strikes and controls of a beat that can have a margin reach, but for so many at most; given up once
     * there are more.
     *
     * @param Scene        $scene   of its own, which is left somewhere on the way
     * @param list<Action> $actions
     */
    public function reachAllBut(int $most, Scene $scene, array $actions): bool
    {
        foreach ($actions as $action) {
            [$limb, $hit, $grasp] = $this->perform($scene, $action, $actions);
            $measure = $hit->measure ?? $grasp?->measure;
            $most -= (int) (self::isMeasured($action) && ($measure?->margin === null || ! $measure->reaches()));
            if ($most < 0) {
                return false;
            }
            $this->control($scene, $action, $limb?->singles() ?? []);
        }

        return true;
    }

    private static function isMeasured(Action $action): bool
    {
        return ! ($action->verb instanceof Verb) || $action->verb->needsReach();
    }

    /**
     * One action, with the body going and turning along: who does it, and what comes of it.
     *
     * @param list<Action> $actions of the beat
     *
     * @return array{?Limb, ?Hit, ?Grasp}
     */
    private function perform(Scene $scene, Action $action, array $actions): array
    {
        $limb = $action->limb;
        if ($action->isStrike()) {
            $hit = $this->strike($scene, $action, $actions);

            return [$hit->limb ?? $limb, $hit, null];
        }
        if ($limb === null) {
            return [null, null, null];
        }
        $grasp = $this->grasper->grasp($scene, $action, $actions);
        if ($grasp !== null) {
            $this->carry($scene, $grasp->measure);
        }

        return [$grasp->limb ?? Hands::limb($scene, $limb, $actions), null, $grasp];
    }

    /**
     * A strike, with the body going and turning along.
     *
     * @param list<Action> $actions of the beat
     */
    public function strike(Scene $scene, Action $action, array $actions): ?Hit
    {
        if (
            $action->manner->spinning
            && ! $scene->isFacingWritten
            && $action->verb instanceof Strike
            && $action->verb->turnsFirst()
        ) {
            $scene->facing = $scene->bearingToAttacker();
        }
        $hit = $this->striker->hit($scene, $action, $actions);
        if ($hit !== null) {
            $this->follow($scene, $hit);
        }
        if ($action->manner->spinning && ! $scene->isFacingWritten) {
            $scene->facing = $scene->bearingToAttacker();
        }

        return $hit;
    }

    /**
     * Degrees that the body turns with each strike of a beat, from where both are before its strikes.
     *
     * @param list<Action> $actions
     *
     * @return array<int, float> by position of the action
     */
    public function turns(Scene $scene, array $actions): array
    {
        $strikes = [];
        foreach ($actions as $position => $action) {
            if ($action->verb instanceof Strike && ! $action->manner->spinning) {
                $strikes[$position] = $action;
            }
        }
        if ($strikes === [] || ! $scene->canTurn() || (count($strikes) === 1 && $this->isInArc($scene, $strikes))) {
            return [];
        }
        $after = clone $scene;
        $turns = [];
        foreach ($strikes as $position => $action) {
            $hit = $this->striker->hit($after, $action, $actions);
            if ($hit !== null) {
                $this->follow($after, $hit);
                $turns[$position] = $hit->aim->turn;
            }
        }

        return $turns;
    }

    /**
     * Whether all of some strikes are in their arc as the defender faces.
     *
     * @param array<int, Action> $strikes
     */
    private function isInArc(Scene $scene, array $strikes): bool
    {
        $off = Angle::turn($scene->facing, $scene->bearingToAttacker());
        foreach ($strikes as $action) {
            if (
                ! ($action->verb instanceof Strike)
                || ! $action->verb->reachesRound($off, $action->limb?->isLeft() ?? false)
                || in_array($action->limb, [Limb::FreeHand, Limb::HeldHand, Limb::OtherHand], true)
            ) {
                return false;
            }
        }

        return true;
    }

    /** The body goes and turns with a strike, and stays there. */
    private function follow(Scene $scene, Hit $hit): void
    {
        $scene->facing = $hit->aim->leaves;
        $this->carry($scene, $hit->measure);
    }

    /** The body goes along with what was short, and stays there. */
    private function carry(Scene $scene, Measure $measure): void
    {
        if ($measure->drive > 0) {
            $way = deg2rad($measure->way);
            $scene->carryDefender($measure->drive * sin($way), $measure->drive * cos($way));
        }
    }

    /**
     * @param list<Limb> $limbs
     *
     * @return list<LimbStatus>
     */
    private function hindered(Scene $scene, array $limbs): array
    {
        if (! $scene->hold->isOn()) {
            return [];
        }

        $hindered = [];
        foreach ($limbs as $limb) {
            $status = $scene->hold->status($limb);
            if (! $status->isFree()) {
                $hindered[] = $status;
            }
        }

        return $hindered;
    }

    /**
     * Whether a hand of these has something in its grip that the other does not hold too.
     *
     * @param list<Limb> $limbs
     */
    private function grips(Scene $scene, array $limbs): bool
    {
        if ($scene->grips === []) {
            return false;
        }
        foreach ($limbs as $limb) {
            $grip = $scene->grips[$limb->value] ?? null;
            $other = $limb->hasSide() ? $scene->grips[$limb->mirror()->value] ?? null : null;
            if ($grip !== null && ! ($other !== null && count($limbs) === 1 && $grip->isWith($other))) {
                return true;
            }
        }

        return false;
    }

    /**
     * Metres from what a held hand strikes to the hand that holds it, which is half way between the axes at the
     * defender's belly; nothing where the target is on that arm.
     *
     * @param list<Limb> $limbs
     */
    private function fromHold(Scene $scene, array $limbs, Hit $hit): ?float
    {
        foreach ($limbs as $limb) {
            if ($scene->hold->holdsWristOf($limb)) {
                return $hit->target->isOfForearm()
                    ? 0.0
                    : hypot(
                        $scene->distance() / 2 - Bodies::SURFACE * $scene->bodies->attacker,
                        ($hit->measure->height ?? 0.0) - $scene->height($scene->wrist),
                    );
            }
        }

        return null;
    }

    /** @param list<Limb> $limbs those that act; only hands control */
    private function control(Scene $scene, Action $action, array $limbs): void
    {
        if ($limbs === [] || ! $limbs[0]->isHand()) {
            return;
        }
        foreach ($limbs as $hand) {
            $held = $scene->grips[$hand->value] ?? null;
            if ($action->is(Verb::Escort) && $held !== null) {
                continue;
            }
            if (! ($action->verb instanceof Verb) || ! $action->verb->grips()) {
                $scene->loseGrip($hand);
            } elseif (
                $held === null
                || $held->verb !== $action->verb
                || $held->target !== ($action->targets[0] ?? null)
            ) {
                $scene->grips[$hand->value] = $this->grip($scene, $action->verb, $action->targets[0] ?? null, $hand);
            }
        }
        if ($action->is(Verb::Strip) && $action->toward !== Toward::Fingers) {
            $scene->hold = $scene->hold->strippedBy(...$limbs);
        }
        if (
            ($action->is(Verb::Raise) || $action->is(Verb::Lower))
            && array_filter($limbs, $scene->hold->holdsWristOf(...)) !== []
        ) {
            $scene->wrist += ($action->is(Verb::Raise) ? 1 : -1) * self::MOVES_WRIST * $action->manner->count;
        }
    }

    private function grip(Scene $scene, Verb $verb, ?Target $target, Limb $hand): Grip
    {
        $isOnArm = $target === null
            ? $verb !== Verb::ChokeHold
            : $target->isOfArm() || $verb === Verb::Lock || ($verb === Verb::Pin && $target === Target::Shoulder);

        return new Grip(
            $verb,
            $target,
            $isOnArm ? $this->spots->armMetBy($scene, $hand) : null,
            $target !== null && $target->isOfLeg() ? $this->spots->legMetBy($scene, $hand) : null,
            $scene->distance(),
        );
    }
}
