<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Intent;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Verb;

/** A beat up to its strikes: what moves while held is carried, the defender moves, and the attack comes. */
final readonly class Approach
{
    /** Share of the attacker's stature by which a hold that moves carries both in a beat. */
    private const CARRY = 0.15;

    /** Share of the attacker's stature that a threat walks in a beat, and the nearest it comes, in metres. */
    private const WALK = 0.25;
    private const NEAREST = 0.6;

    public function __construct(
        private Kind $kind,
        private Facets $facets,
        private Bodies $bodies,
        private Setting $setting,
        private Assault $assault,
    ) {}

    /** What is over when a beat begins. */
    public function begin(Scene $scene, ?Beat $beat): BeatLog
    {
        $log = new BeatLog(($beat?->seconds() ?? 0.0) / $this->setting->pace);
        $log->startsAt = $scene->time;
        $log->wornOff = $scene->wearOff();
        [$log->fromX, $log->fromY] = [$scene->x, $scene->y];
        $log->heldBefore = $scene->hold->isOn();
        $scene->slipX = $scene->slipY = 0.0;
        $scene->takeBack($this->setting->recoil);

        return $log;
    }

    /** What moves while it holds takes the defender along. */
    public function carry(Scene $scene, float $line, BeatLog $log): void
    {
        if ($this->facets->phase !== Phase::Moving || ! $scene->hold->isOn()) {
            return;
        }
        $isPull = $this->facets->intent === Intent::Move || $this->facets->intent === Intent::TakeDown;
        $metres = ($isPull ? -1 : 1) * self::CARRY * $this->bodies->attacker;
        [$x, $y] = [$metres * sin(deg2rad($line)), $metres * cos(deg2rad($line))];
        $scene->carryDefender($x, $y);
        $scene->attackerX += $x;
        $scene->attackerY += $y;
        $log->carried = true;
    }

    /**
     * The feet, pivots and crouch of a beat.
     *
     * @param list<Action> $actions
     * @param float        $factor  of their usual length, where they are as long as they need to be
     */
    public function move(Scene $scene, array $actions, float $factor, BeatLog $log): void
    {
        [$beforeX, $beforeY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
        $log->facedAt = $scene->facing;
        $escort = self::first($actions, Verb::Escort);
        if ($scene->grips !== [] && $escort === null && self::first($actions, Verb::Leave) !== null) {
            $scene->endGrips();
        }
        [$log->feetMoved, $log->turned, $log->strides] = Footwork::move($scene, $actions, $factor);
        if ($log->turned || $scene->isFacingWritten) {
            $log->facedAt = $scene->facing;
        }
        $this->escorts($scene, $actions, $escort, $log);
        $scene->capDistance();
        if ($log->feetMoved && ! $log->turned && ! $scene->isFacingWritten && ! $scene->hold->isOn()) {
            Footwork::turnToAttacker($scene);
        }
        $scene->keepApart($beforeX, $beforeY);
        $log->barredBehind = $scene->isBarredBehind;
        $scene->wentBehind = false;
    }

    /** @param list<Action> $actions */
    private static function first(array $actions, Verb $verb): ?Action
    {
        foreach ($actions as $action) {
            if ($action->verb === $verb) {
                return $action;
            }
        }

        return null;
    }

    /**
     * An escort carries both as far as leaving goes: the way it says, the way the defender leaves, or straight ahead.
     *
     * @param list<Action> $actions
     */
    private function escorts(Scene $scene, array $actions, ?Action $escort, BeatLog $log): void
    {
        if ($escort === null) {
            return;
        }
        [$x, $y] = [$scene->x - $log->fromX, $scene->y - $log->fromY];
        if (self::first($actions, Verb::Leave) === null) {
            $bearing = deg2rad($escort->bearing?->toDegrees() ?? $scene->facing);
            $metres = Footwork::usual(Verb::Leave) * $this->bodies->defender;
            [$x, $y] = [$metres * sin($bearing), $metres * cos($bearing)];
            $scene->carryDefender($x, $y);
        }
        $scene->attackerX += $x;
        $scene->attackerY += $y;
    }

    /**
     * The attack, or the attacker's turn.
     *
     * @param list<Action> $actions of the beat
     * @param float        $line    degrees in which the defender was from the attacker when the beat began
     * @param float        $crouch  of the defender then, in metres
     */
    public function attack(Scene $scene, array $actions, float $line, float $crouch, bool $isUsual, BeatLog $log): void
    {
        [$beforeX, $beforeY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
        if ($this->isComing($scene)) {
            $log->delivery = $this->assault->come($scene, $actions, $crouch, $isUsual);
        } elseif ($scene->followUpIsDue || ($scene->beats === 1 && $this->facets->phase === Phase::FollowUp)) {
            $scene->followUpIsDue = false;
            $log->delivery = $this->assault->followUp($scene, $actions, $line, $crouch);
        }
        if ($log->delivery === null && $scene->isAttackerFree()) {
            $scene->attackerFacing = Angle::turned(
                $scene->attackerFacing,
                Angle::round($scene->bearingToAttacker() + 180),
                $this->setting->turning * $log->seconds,
            );
            if ($this->kind->start === Start::Threat && ! $scene->attackerPosture->fixesFeet()) {
                $scene->moveAttacker(
                    -max(0.0, min(self::WALK * $this->bodies->attacker, $scene->distance() - self::NEAREST)),
                );
            }
        }
        $scene->keepApart($beforeX, $beforeY);
    }

    /** Whether the attack comes in this beat. */
    public function isComing(Scene $scene): bool
    {
        return $scene->beats === 0 && $this->facets->phase === Phase::Reaching && $this->kind->start !== Start::Threat;
    }

    /**
     * Both feet to another place, as {@see self::move()} has it.
     *
     * @param list<Action> $movements
     */
    public function slide(Scene $scene, float $x, float $y, array $movements, BeatLog $log): void
    {
        if (! $scene->posture->fixesFeet()) {
            [$beforeX, $beforeY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
            $log->facedAt = $scene->facing;
            $scene->carryDefender($x, $y);
            [, $turned] = $movements === [] ? [false, false] : Footwork::move($scene, $movements);
            $scene->capDistance();
            if (! $turned && ! $scene->isFacingWritten && ! $scene->hold->isOn()) {
                Footwork::turnToAttacker($scene);
            }
            $scene->keepApart($beforeX, $beforeY);

            return;
        }
        $this->move($scene, $movements, 1.0, $log);
    }
}
