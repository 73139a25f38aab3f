<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Hold;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\LimbStatus;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Toward;
use StoneDrill\Core\Technique\Verb;

/** What strikes and controls of a beat do, in written order, and what an assumed effect does after them. */
final readonly class Controls
{
    /** Seconds for which an effect lasts. */
    private const FOLDED = 1.5;
    private const TURNED = 1.0;
    private const KNEELING = 2.0;
    private const DROPPED = 3.0;

    /** Metres, as shares of the attacker's stature, by which one moves the attacker: away above 0. */
    private const ROCKED = 0.25;
    private const DRIVEN_BACK = 0.50;
    private const PULLED_IN = -0.30;

    /** Where a hand that holds a wrist is, as a share of the defender's stature above the floor. */
    private const WRIST = 0.58;

    public function __construct(private Kind $kind, private Facets $facets, private Striker $striker) {}

    /**
     * @param list<Action> $actions
     *
     * @return list<PerformedAction>
     */
    public function act(Scene $scene, array $actions): array
    {
        $performed = [];
        foreach ($actions as $action) {
            $limb = $action->limb;
            $hit = null;
            if ($action->isStrike()) {
                if ($action->manner->spinning && ! $scene->isFacingWritten && $action->verb instanceof Strike && $action->verb->turnsFirst()) {
                    $scene->facing = $scene->bearingToAttacker();
                }
                $hit = $this->striker->hit($scene, $action, $actions);
                $limb = $hit->limb ?? $limb;
                if ($hit !== null) {
                    $this->follow($scene, $hit);
                }
                if ($action->manner->spinning && ! $scene->isFacingWritten) {
                    $scene->facing = $scene->bearingToAttacker();
                }
            } elseif ($limb !== null) {
                $limb = $this->striker->limb($scene, $limb, $actions);
            }
            $singles = $limb?->singles() ?? [];
            $performed[] = new PerformedAction(
                $action,
                $limb,
                $this->hindered($scene, $singles),
                $hit,
                $action->isStrike() && $this->grips($scene, $singles),
                $hit === null ? null : $this->fromHold($scene, $singles, $hit),
            );
            $this->control($scene, $action, $singles);
        }

        return $performed;
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
        $strikes = array_filter($actions, static fn (Action $action): bool => $action->verb instanceof Strike && ! $action->manner->spinning);
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
            if (! $action->verb instanceof Strike || ! $action->verb->reachesRound($off, $action->limb?->isLeft() ?? false) || in_array($action->limb, [Limb::FreeHand, Limb::HeldHand, Limb::OtherHand], true)) {
                return false;
            }
        }

        return true;
    }

    /** The body goes and turns with a strike, and stays there. */
    private function follow(Scene $scene, Hit $hit): void
    {
        $scene->facing = $hit->aim->leaves;
        if ($hit->measure->drive > 0) {
            $way = deg2rad($hit->measure->way);
            $scene->carryDefender($hit->measure->drive * sin($way), $hit->measure->drive * cos($way));
        }
    }

    /**
     * What the author assumes that the beat does to the attacker.
     *
     * @param list<PerformedAction> $performed of the beat
     */
    public function takeEffect(Scene $scene, Effect $effect, array $performed): void
    {
        $height = $scene->bodies->attacker;
        match ($effect) {
            Effect::Released => $scene->hold = Hold::none($this->kind),
            Effect::Rocked => $scene->moveAttacker(self::ROCKED * $height),
            Effect::DrivenBack => $this->driveBack($scene, self::DRIVEN_BACK * $height),
            Effect::PulledIn => $scene->moveAttacker(self::PULLED_IN * $height),
            Effect::Folded => $this->pose($scene, Posture::Folded, self::FOLDED),
            Effect::Straightened => $this->straighten($scene),
            Effect::Turned => $this->turn($scene, $performed),
            Effect::Kneeling => $this->pose($scene, Posture::Kneeling, self::KNEELING),
            Effect::Dropped => $this->drop($scene),
            Effect::ArmGone => $this->takeArm($scene, $performed),
        };
    }

    /**
     * The arm of the attacker's that a hand of the defender's meets: the one that attacks, where it is one; otherwise the one on
     * the same side of the room.
     */
    private function armMetBy(Scene $scene, Limb $hand): Hand
    {
        if ($this->facets->hand->isOne() && $this->kind->family !== Family::Kick) {
            return $this->facets->hand;
        }

        return $this->sameSide($scene, $hand);
    }

    private function legMetBy(Scene $scene, Limb $hand): Hand
    {
        return $this->facets->hand->isOne() && $this->kind->family === Family::Kick ? $this->facets->hand : $this->sameSide($scene, $hand);
    }

    private function sameSide(Scene $scene, Limb $hand): Hand
    {
        $own = $hand->isLeft() ? Hand::Left : Hand::Right;

        return abs(Angle::turn($scene->facing, $scene->attackerFacing)) < 90 ? $own : $own->mirror();
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

        return array_values(array_filter(
            array_map(static fn (Limb $limb): LimbStatus => $scene->hold->status($limb), $limbs),
            static fn (LimbStatus $status): bool => ! $status->isFree(),
        ));
    }

    /** @param list<Limb> $limbs */
    private function grips(Scene $scene, array $limbs): bool
    {
        foreach ($limbs as $limb) {
            if (isset($scene->grips[$limb->value])) {
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
                return $hit->target->isOfForearm() ? 0.0 : hypot(
                    $scene->distance() / 2 - Bodies::SURFACE * $scene->bodies->attacker,
                    ($hit->measure->height ?? $scene->attackerHeight(0.7, false)) - $scene->height(self::WRIST),
                );
            }
        }

        return null;
    }

    /** @param list<Limb> $limbs */
    private function control(Scene $scene, Action $action, array $limbs): void
    {
        $hands = array_values(array_filter($limbs, static fn (Limb $limb): bool => $limb->isHand()));
        foreach ($hands as $hand) {
            if (! $action->verb instanceof Verb || ! $action->verb->grips()) {
                $scene->loseGrip($hand);
            } elseif (($scene->grips[$hand->value]->verb ?? null) !== $action->verb) {
                $scene->grips[$hand->value] = $this->grip($scene, $action->verb, $action->targets[0] ?? null, $hand);
            }
        }
        if ($action->is(Verb::Strip) && $action->toward !== Toward::Fingers) {
            $scene->hold = $scene->hold->strippedBy(...$hands);
        }
    }

    private function grip(Scene $scene, Verb $verb, ?Target $target, Limb $hand): Grip
    {
        $isOnArm = $target === null ? $verb !== Verb::ChokeHold : $target->isOfArm() || $verb === Verb::Lock;

        return new Grip(
            $verb,
            $target,
            $isOnArm ? $this->armMetBy($scene, $hand) : null,
            $target !== null && $target->isOfLeg() ? $this->legMetBy($scene, $hand) : null,
            $scene->distance(),
        );
    }

    private function driveBack(Scene $scene, float $metres): void
    {
        $scene->hold = Hold::none($this->kind);
        $scene->endGrips();
        $scene->isAstride = false;
        $scene->moveAttacker($metres);
    }

    private function drop(Scene $scene): void
    {
        $scene->hold = Hold::none($this->kind);
        $scene->isAstride = false;
        $this->pose($scene, Posture::Lying, self::DROPPED);
    }

    private function pose(Scene $scene, Posture $posture, float $seconds): void
    {
        $scene->attackerPosture = $posture;
        $scene->postureUntil = $scene->time + $seconds;
    }

    private function straighten(Scene $scene): void
    {
        if ($scene->attackerPosture === Posture::Folded) {
            $scene->attackerPosture = Posture::Standing;
            $scene->postureUntil = null;
        }
    }

    /** @param list<PerformedAction> $performed */
    private function turn(Scene $scene, array $performed): void
    {
        $isRight = false;
        foreach ($performed as $done) {
            if ($done->limb !== null) {
                $isRight = $done->limb->isRight();

                break;
            }
        }
        $scene->attackerFacing = Angle::round($scene->attackerFacing + ($isRight ? 90 : -90));
        $scene->turnedUntil = $scene->time + self::TURNED;
    }

    /**
     * The arm that the beat works on, or one that is gripped, or the one that attacks, is no longer of use to the attacker.
     *
     * @param list<PerformedAction> $performed
     */
    private function takeArm(Scene $scene, array $performed): void
    {
        $arm = null;
        foreach ($performed as $done) {
            $target = $done->action->targets[0] ?? null;
            if ($done->limb !== null && $target !== null && ($target->isOfArm() || $done->action->is(Verb::Lock))) {
                $arm ??= $this->armMetBy($scene, $done->limb->singles()[0]);
            }
        }
        foreach ($scene->grips as $grip) {
            $arm ??= $grip->arm;
        }
        $arm ??= $this->facets->hand->isOne() ? $this->facets->hand : Hand::Right;
        $scene->armsGone[$arm->value] = true;
        $scene->hold = $scene->hold->withoutArm($arm);
    }
}
