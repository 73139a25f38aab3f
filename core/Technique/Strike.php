<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

use StoneDrill\Core\Geometry\Joint;

/** The ways to strike, hands first. */
enum Strike: string
{
    case Punch = 'punch';
    case Palm = 'palm';
    case Hammer = 'hammer';
    case Backhand = 'backhand';
    case Edge = 'edge';
    case Fingertips = 'fingertips';
    case Elbow = 'elbow';
    case Head = 'head';
    case Knee = 'knee';
    case FrontKick = 'front kick';
    case SideKick = 'side kick';
    case BackKick = 'back kick';
    case RoundKick = 'round kick';
    case CrescentKick = 'crescent kick';
    case HookKick = 'hook kick';
    case AxeKick = 'axe kick';
    case Stomp = 'stomp';

    /** Degrees off the facing within which most weapons go. */
    public const ARC = 110.0;

    /** @return list<self> those that one limb throws */
    public static function by(Limb $limb): array
    {
        $own = $limb->ownStrike();

        return $own !== null
            ? [$own]
            : array_values(
                array_filter(
                    self::cases(),
                    static fn (self $strike): bool => $limb->isHand() ? $strike->isByHand() : $strike->isByFoot(),
                ),
            );
    }

    public function isByHand(): bool
    {
        return match ($this) {
            self::Punch, self::Palm, self::Hammer, self::Backhand, self::Edge, self::Fingertips => true,
            default => false,
        };
    }

    /** Whether an elbow, a knee or the head does it, which needs no other word. */
    public function isItsOwnLimb(): bool
    {
        return match ($this) {
            self::Elbow, self::Head, self::Knee => true,
            default => false,
        };
    }

    public function isByFoot(): bool
    {
        return ! $this->isByHand() && ! $this->isItsOwnLimb();
    }

    /**
     * Length of the chain of limbs from the joint to the striking surface, as a share of the stature (Drillis & Contini
     * 1966).
     */
    public function chain(): float
    {
        return match ($this) {
            self::Punch, self::Hammer, self::Backhand, self::Edge => 0.386,
            self::Palm => 0.352,
            self::Fingertips => 0.44,
            self::Elbow => 0.186,
            self::Head => 0.12,
            self::Knee => 0.245,
            self::RoundKick, self::CrescentKick => 0.43,
            self::FrontKick, self::SideKick, self::BackKick, self::HookKick, self::AxeKick, self::Stomp => 0.53,
        };
    }

    /** The joint it hangs from. */
    public function joint(): Joint
    {
        return match (true) {
            $this === self::Head => Joint::Neck,
            $this->isByHand() || $this === self::Elbow => Joint::Shoulder,
            default => Joint::Hip,
        };
    }

    /** Seconds from its start to its end, prefixes left out. */
    public function seconds(): float
    {
        return match (true) {
            $this->isByHand(), $this === self::Elbow => 0.25,
            $this === self::Head => 0.3,
            $this === self::Knee, $this === self::Stomp => 0.35,
            default => 0.5,
        };
    }

    /** Whether it leaves one foot alone on the floor. */
    public function liftsFoot(): bool
    {
        return $this->isByFoot() || $this === self::Knee;
    }

    /** Whether it is a kick proper: by the foot, and no stomp. */
    public function isKick(): bool
    {
        return $this->isByFoot() && $this !== self::Stomp;
    }

    /** Whether the hand goes the straight way, so that it can meet an attack and needs room to gather weight. */
    public function isStraight(): bool
    {
        return match ($this) {
            self::Punch, self::Palm, self::Fingertips => true,
            default => false,
        };
    }

    /**
     * Whether it can be thrown that far off the striker's facing.
     *
     * @param float $off  degrees clockwise from the facing to the target, -180 to 180
     * @param bool  $left whether a left limb throws it
     */
    public function reachesRound(float $off, bool $left): bool
    {
        return $this->missesRound($off, $left) <= 1e-9;
    }

    /**
     * Degrees by which it cannot be thrown that far off the striker's facing; 0 or below where it can.
     *
     * @param float $off  degrees clockwise from the facing to the target, -180 to 180
     * @param bool  $left whether a left limb throws it
     */
    public function missesRound(float $off, bool $left): float
    {
        $own = $left ? -$off : $off;

        return match ($this) {
            self::Elbow, self::Hammer, self::Head, self::Stomp => 0.0,
            // Beside: the nearer way round to the arc from 30° to 150° on its own side.
            self::SideKick, self::HookKick => $own < -90 ? 210 - abs($own) : max(30 - $own, $own - 150),
            self::BackKick => 120 - abs($off),
            default => abs($off) - self::ARC,
        };
    }

    /** Whether it goes round the body to a target that is not quite on the striker's side. */
    public function wraps(): bool
    {
        return match ($this) {
            self::Hammer, self::Backhand, self::Edge, self::Palm, self::Elbow => true,
            default => false,
        };
    }

    /**
     * Whether a turn of the whole body before it is part of it; a spinning side, hook or back kick starts from where
     * one faces.
     */
    public function turnsFirst(): bool
    {
        return ! in_array($this, [self::SideKick, self::HookKick, self::BackKick], true);
    }
}
