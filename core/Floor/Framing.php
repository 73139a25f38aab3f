<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Condition;

/** What of a scene is kept as the frame of a beat. */
final readonly class Framing
{
    /** @param float $turning degrees a second that the attacker turns toward the defender */
    public function __construct(
        private Bodies $bodies,
        private Spots $spots,
        private Striker $striker,
        private float $turning,
    ) {}

    /**
     * @param bool $withThreats whether what the attacker could do next is looked for; without it, where both are is
     *     worked out only for who asks
     */
    public function of(
        Scene $scene,
        string $number,
        ?Beat $beat,
        ?Condition $condition,
        BeatLog $log,
        bool $withThreats = true,
    ): Frame {
        $then = $withThreats ? $scene : clone $scene;

        return new Frame(
            $number,
            $beat,
            $condition,
            $log->startsAt,
            $scene->time,
            $withThreats ? $this->positions($scene, true) : fn (): Positions => $this->positions($then, false),
            new Movement(
                new Point($log->fromX, $log->fromY),
                $log->facedAt,
                $log->carried,
                $log->feetMoved,
                $log->turned,
                $log->strides,
                $log->barredBehind,
            ),
            new Events(
                $scene->hold,
                $scene->grips,
                $log->heldBefore,
                $log->delivery,
                $log->performed,
                $log->effect,
                $log->wornOff,
            ),
        );
    }

    private function positions(Scene $scene, bool $withThreats): Positions
    {
        $off = Angle::turn(
            $scene->attackerFacing,
            Angle::of($scene->x - $scene->attackerX, $scene->y - $scene->attackerY),
        );
        $distance = $scene->distance();

        return new Positions(
            $scene->defender(),
            $scene->attacker(),
            $distance,
            new Faced(
                Sector::of($off),
                abs($off) < 90
                    && $distance < Weapons::FIST * $this->bodies->attacker
                    && abs($distance * sin(deg2rad($off))) < Joint::Shoulder->lateral() * $this->bodies->attacker,
                abs($off) / $this->turning,
            ),
            new Fists($withThreats ? $this->striker->fistReach($scene) : null, Weapons::fistMargin($scene)),
            $withThreats ? Weapons::free($scene) : [],
            $withThreats ? $this->spots->limbs($scene) : null,
        );
    }
}
