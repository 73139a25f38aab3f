<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** Where on the attacker an action goes. */
enum Target: string
{
    case Eyes = 'eyes';
    case Temple = 'temple';
    case BackOfHead = 'back of head';
    case Nose = 'nose';
    case Chin = 'chin';
    case Throat = 'throat';
    case Neck = 'neck';
    case Collarbone = 'collarbone';
    case SolarPlexus = 'solar plexus';
    case Spine = 'spine';
    case Ribs = 'ribs';
    case Kidney = 'kidney';
    case Belly = 'belly';
    case Groin = 'groin';
    case Thigh = 'thigh';
    case Knee = 'knee';
    case Shin = 'shin';
    case Instep = 'instep';
    case Hand = 'hand';
    case Fingers = 'fingers';
    case Wrist = 'wrist';
    case Forearm = 'forearm';
    case Elbow = 'elbow';
    case UpperArm = 'upper arm';
    case Armpit = 'armpit';
    case Shoulder = 'shoulder';
    case Chest = 'chest';
    case Back = 'back';
    case Hips = 'hips';
    case Leg = 'leg';
    case Ankle = 'ankle';

    /** Height as a share of the stature of who is hit; null for the points of an arm, which are where the arm is. */
    public function height(): ?float
    {
        return match ($this) {
            self::Eyes => 0.936,
            self::Temple => 0.93,
            self::BackOfHead => 0.92,
            self::Nose => 0.91,
            self::Chin => 0.87,
            self::Throat => 0.85,
            self::Neck => 0.84,
            self::Collarbone => 0.82,
            self::SolarPlexus => 0.72,
            self::Spine => 0.7,
            self::Ribs => 0.66,
            self::Kidney => 0.62,
            self::Belly => 0.58,
            self::Groin => 0.48,
            self::Thigh => 0.38,
            self::Knee => 0.285,
            self::Shin => 0.18,
            self::Instep, self::Ankle => 0.04,
            self::Shoulder => 0.818,
            self::Armpit => 0.75,
            self::Chest => 0.76,
            self::Back => 0.72,
            self::Hips => 0.53,
            self::Leg => 0.4,
            self::Hand, self::Fingers, self::Wrist, self::Forearm, self::Elbow, self::UpperArm => null,
        };
    }

    /** The half of the body it is on. */
    public function face(): Face
    {
        return match ($this) {
            self::Eyes,
            self::Nose,
            self::Chin,
            self::Throat,
            self::Collarbone,
            self::SolarPlexus,
            self::Belly,
            self::Chest => Face::Front,
            self::BackOfHead, self::Spine, self::Back => Face::Rear,
            self::Kidney => Face::Flank,
            default => Face::Any,
        };
    }

    /** Whether it goes where the head goes. */
    public function isOfHead(): bool
    {
        return match ($this) {
            self::Eyes,
            self::Temple,
            self::BackOfHead,
            self::Nose,
            self::Chin,
            self::Throat,
            self::Neck,
            self::Collarbone => true,
            default => false,
        };
    }

    /** Whether it lies on an arm. */
    public function isOfArm(): bool
    {
        return match ($this) {
            self::Hand, self::Fingers, self::Wrist, self::Forearm, self::Elbow, self::UpperArm, self::Armpit => true,
            default => false,
        };
    }

    /** Whether it lies on the arm from the elbow down, where a holding hand is. */
    public function isOfForearm(): bool
    {
        return match ($this) {
            self::Hand, self::Fingers, self::Wrist, self::Forearm => true,
            default => false,
        };
    }

    /** Whether it lies on a leg. */
    public function isOfLeg(): bool
    {
        return match ($this) {
            self::Thigh, self::Knee, self::Shin, self::Instep, self::Leg, self::Ankle => true,
            default => false,
        };
    }

    public function isLockable(): bool
    {
        return match ($this) {
            self::Wrist, self::Elbow, self::Shoulder, self::Fingers => true,
            default => false,
        };
    }
}
