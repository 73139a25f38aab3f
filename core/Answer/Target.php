<?php

declare(strict_types=1);

namespace StoneDrill\Core\Answer;

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

    public function isLockable(): bool
    {
        return in_array($this, [self::Wrist, self::Elbow, self::Shoulder, self::Fingers], true);
    }
}
