<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** What of the defender acts. */
enum Limb: string
{
    case LeftHand = 'left hand';
    case RightHand = 'right hand';
    case BothHands = 'both hands';
    case FreeHand = 'free hand';
    /** The hand that the attack holds, the left of two, and its fellow: one text for either side. */
    case HeldHand = 'held hand';
    case OtherHand = 'other hand';
    case LeftElbow = 'left elbow';
    case RightElbow = 'right elbow';
    case LeftFoot = 'left foot';
    case RightFoot = 'right foot';
    case LeftKnee = 'left knee';
    case RightKnee = 'right knee';
    case Head = 'head';

    public function mirror(): self
    {
        return match ($this) {
            self::LeftHand => self::RightHand,
            self::RightHand => self::LeftHand,
            self::LeftElbow => self::RightElbow,
            self::RightElbow => self::LeftElbow,
            self::LeftFoot => self::RightFoot,
            self::RightFoot => self::LeftFoot,
            self::LeftKnee => self::RightKnee,
            self::RightKnee => self::LeftKnee,
            self::BothHands, self::FreeHand, self::HeldHand, self::OtherHand, self::Head => $this,
        };
    }

    public function isHand(): bool
    {
        return match ($this) {
            self::LeftHand, self::RightHand, self::BothHands, self::FreeHand, self::HeldHand, self::OtherHand => true,
            default => false,
        };
    }

    /** Whether it is of the left side; the head, both hands and a free hand are of none. */
    public function isLeft(): bool
    {
        return match ($this) {
            self::LeftHand, self::LeftElbow, self::LeftFoot, self::LeftKnee => true,
            default => false,
        };
    }

    public function isRight(): bool
    {
        return match ($this) {
            self::RightHand, self::RightElbow, self::RightFoot, self::RightKnee => true,
            default => false,
        };
    }

    /**
     * The single limbs it stands for: both hands are two.
     *
     * @return non-empty-list<self>
     */
    public function singles(): array
    {
        return $this === self::BothHands ? [self::LeftHand, self::RightHand] : [$this];
    }

    public function isFoot(): bool
    {
        return $this === self::LeftFoot || $this === self::RightFoot;
    }

    /** Whether the limb is one of a pair and named by its side. */
    public function hasSide(): bool
    {
        return $this->mirror() !== $this;
    }

    /** The strike that an elbow, a knee or the head is by itself; null for hands and feet. */
    public function ownStrike(): ?Strike
    {
        return match ($this) {
            self::LeftElbow, self::RightElbow => Strike::Elbow,
            self::LeftKnee, self::RightKnee => Strike::Knee,
            self::Head => Strike::Head,
            default => null,
        };
    }
}
