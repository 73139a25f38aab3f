<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\AttackerLimb;
use StoneDrill\Core\Attack\Blow;
use StoneDrill\Core\Attack\Entry;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Hold;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Notice;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Attack\Posture as StartPosture;
use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Technique\Limb;

/** How both stand when an attack begins: distances in metres, worked out from two statures. */
final readonly class Opening
{
    /** Share of the attacker's stature that a hold which still reaches, or walks in, comes from farther away. */
    public const REACHING = 0.35;

    /** What the contact distance leaves to spare on one who stands still. */
    private const SPARE = 0.15;

    /** How far a dive comes. */
    private const DIVE = 1.2;

    public ?Blow $blow;

    /** The hand or foot that delivers it, for what is delivered. */
    public Hand $side;

    public function __construct(private Kind $kind, private Facets $facets)
    {
        $this->blow = $kind->blow();
        $this->side = $this->blow === Blow::Dive ? Hand::Both : $facets->hand;
    }

    /** The limb that the attack puts out, and where; null for what puts out none. */
    public function out(): ?OutLimb
    {
        if ($this->blow !== null) {
            return new OutLimb($this->side, $this->blow->isByLeg(), $this->blow->aim());
        }
        if (! $this->kind->start->isHold()) {
            return null;
        }

        return new OutLimb(
            $this->kind->attackerLimbs === [AttackerLimb::Hand] ? $this->facets->hand : Hand::Both,
            false,
            $this->kind->holdsAt(),
            $this->kind->holdsWrist(),
        );
    }

    /** Both bodies before the first beat. */
    public function scene(Bodies $bodies, Recoil $recoil = Recoil::LeftOut): Scene
    {
        $isOn = $this->kind->start->isHold() && $this->facets->phase !== Phase::Reaching;
        $hold = $isOn ? Hold::of($this->kind, $this->facets->hand) : Hold::none($this->kind);
        $scene = new Scene($bodies, $hold, $this->holdDistance($bodies));
        $bearing = $this->facets->bearing->toDegrees();
        $scene->facing = $this->facets->notice === Notice::Ready ? $bearing : 0.0;
        $half = Joint::Hip->lateral() * $bodies->defender;
        $right = deg2rad($scene->facing + 90);
        [$x, $y] = [$half * sin($right), $half * cos($right)];
        $scene->placeFeet(-$x, -$y, $x, $y);
        $scene->posture = match ($this->facets->posture) {
            StartPosture::Seated => Posture::Seated,
            StartPosture::Kneeling => Posture::Kneeling,
            StartPosture::Back => Posture::Lying,
            default => Posture::Standing,
        };
        // What the attack holds, or will: a hand stays the held one when it is free again.
        $scene->heldHand
            = ($this->kind->start->isHold() ? Hold::of($this->kind, $this->facets->hand)->heldHand() : null)
            ?? ($this->facets->hand === Hand::Right ? Limb::LeftHand : Limb::RightHand);
        if ($this->blow !== null && $this->facets->phase === Phase::FollowUp) {
            $recoil === Recoil::LeftOut ? ($scene->out = $this->out()) : ($scene->goneBack = $this->out());
        }
        $scene->isAstride = $this->kind->start === Start::Astride;
        $distance = $this->distance($scene);
        $scene->attackerX = $distance * sin(deg2rad($bearing));
        $scene->attackerY = $distance * cos(deg2rad($bearing));
        $scene->attackerFacing = Angle::round($bearing + 180);

        return $scene;
    }

    /** Metres the attacker advances in the beat in which the attacker attacks. */
    public function advance(Bodies $bodies): float
    {
        if ($this->facets->phase !== Phase::Reaching) {
            return 0.0;
        }
        if ($this->kind->start->isHold()) {
            return self::REACHING * $bodies->attacker;
        }
        if ($this->blow === null) {
            return 0.0;
        }

        return $this->blow === Blow::Dive
            ? self::DIVE
            : $bodies->attacker
                    * match ($this->facets->entry) {
                        Entry::Stand => 0.0,
                        Entry::Step => 0.35,
                        Entry::Through => 0.7,
                    };
    }

    /**
     * Distance of the axes at which a blow arrives with 15 cm to spare on one who stands still:
     * √((r + .06 H_d − .15)² − o²), never under the least distance of two bodies.
     */
    public function contact(Scene $scene, Blow $blow): float
    {
        $reach = Weapons::reach($scene, $blow->chain(), $blow->isByLeg(), $scene->height($blow->aim()));
        $straight = $reach + Bodies::SURFACE * $scene->bodies->defender - self::SPARE;
        $offset = Weapons::offset($scene, $this->side, $blow->isByLeg());

        return max($scene->bodies->least(), sqrt(max(0.0, $straight ** 2 - $offset ** 2)));
    }

    private function distance(Scene $scene): float
    {
        $bodies = $scene->bodies;

        return match ($this->kind->start) {
            Start::Grab, Start::Hug => $scene->holdDistance + $this->advance($bodies),
            Start::Delivered => $this->contact($scene, $this->blow ?? Blow::Straight) + $this->advance($bodies),
            Start::Ground, Start::Astride => 0.1 * $bodies->defender,
            Start::Threat => 2.0,
        };
    }

    private function holdDistance(Bodies $bodies): float
    {
        return match ($this->kind->start) {
            Start::Grab => 0.44 * $bodies->attacker - 0.1,
            Start::Hug => $bodies->least() + 0.04,
            default => 0.0,
        };
    }
}
