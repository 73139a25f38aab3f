<?php

declare(strict_types=1);

namespace StoneDrill\Core\Answer;

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

    public function isByHand(): bool
    {
        return in_array($this, [self::Punch, self::Palm, self::Hammer, self::Backhand, self::Edge, self::Fingertips], true);
    }

    /** Whether an elbow, a knee or the head does it, which needs no other word. */
    public function isItsOwnLimb(): bool
    {
        return in_array($this, [self::Elbow, self::Head, self::Knee], true);
    }

    public function isByFoot(): bool
    {
        return ! $this->isByHand() && ! $this->isItsOwnLimb();
    }
}
