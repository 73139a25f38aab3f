<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Hold;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\EffectTimes;
use StoneDrill\Core\Technique\Happening;
use StoneDrill\Core\Technique\Verb;

/** What an assumed effect does to the attacker. */
final readonly class Effects
{
    /** Metres, as shares of the attacker's stature, by which one moves the attacker: away above 0. */
    private const ROCKED = 0.25;
    private const DRIVEN_BACK = 0.5;
    private const PULLED_IN = -0.3;

    /** Seconds for which a dive that was stopped folds the attacker. */
    private const BENT = 1.0;

    /** Metres that `if far` and `if near` put between. */
    private const ELSEWHERE = 0.3;

    public function __construct(
        private Kind $kind,
        private Facets $facets,
        private Spots $spots,
        private EffectTimes $times,
    ) {}

    /**
     * The effects of a beat, and what a what-if changes; the beat is over then.
     *
     * @param list<Effect> $effects in the order in which they come
     */
    public function end(Scene $scene, ?Beat $beat, array $effects, ?Happening $happening, BeatLog $log): void
    {
        [$beforeX, $beforeY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
        $scene->time = $log->startsAt + $log->seconds;
        $scene->beats++;
        $this->bend($scene);
        $log->effect = $effects[0] ?? null;
        foreach ($beat === null ? [] : $effects as $effect) {
            $this->take($scene, $effect, $log->performed);
        }
        match ($happening) {
            Happening::GetsUp => $scene->recover(),
            Happening::Far => $scene->moveAttacker(self::ELSEWHERE),
            Happening::Near => $scene->moveAttacker(-self::ELSEWHERE),
            Happening::SecondAttack => ($scene->followUpIsDue = true),
            default => null,
        };
        $scene->capDistance();
        $scene->keepApart($beforeX, $beforeY);
    }

    /** A dive that was stopped in the beat that ends folds the attacker for a moment. */
    private function bend(Scene $scene): void
    {
        if ($scene->isBent) {
            $scene->postureUntil = $scene->time + self::BENT;
            $scene->isBent = false;
        }
    }

    /**
     * What the author assumes that the beat does to the attacker.
     *
     * @param list<PerformedAction> $performed of the beat
     */
    private function take(Scene $scene, Effect $effect, array $performed): void
    {
        $height = $scene->bodies->attacker;
        match ($effect) {
            Effect::Released => ($scene->hold = Hold::none($this->kind)),
            Effect::Rocked => $scene->moveAttacker(self::ROCKED * $height),
            Effect::DrivenBack => $this->driveBack($scene, self::DRIVEN_BACK * $height),
            Effect::PulledIn => $scene->moveAttacker(self::PULLED_IN * $height),
            Effect::Folded => $this->pose($scene, Posture::Folded, $effect),
            Effect::Straightened => $this->straighten($scene),
            Effect::Turned => $this->turn($scene, $performed),
            Effect::Kneeling => $this->pose($scene, Posture::Kneeling, $effect),
            Effect::Dropped => $this->drop($scene),
            Effect::ArmGone => $this->takeArm($scene, $performed),
        };
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
        $this->pose($scene, Posture::Lying, Effect::Dropped);
    }

    private function pose(Scene $scene, Posture $posture, Effect $effect): void
    {
        $scene->attackerPosture = $posture;
        $scene->postureUntil = $scene->time + (float) $this->times->of($effect);
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
        $scene->turnedUntil = $scene->time + (float) $this->times->of(Effect::Turned);
    }

    /**
     * The arm that the beat works on, or one that is gripped, or the one that attacks, is no longer of use to the
     * attacker.
     *
     * @param list<PerformedAction> $performed
     */
    private function takeArm(Scene $scene, array $performed): void
    {
        $arm = null;
        foreach ($performed as $done) {
            $target = $done->action->targets[0] ?? null;
            if ($done->limb !== null && $target !== null && ($target->isOfArm() || $done->action->is(Verb::Lock))) {
                $arm ??= $this->spots->armMetBy($scene, $done->limb->singles()[0]);
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
