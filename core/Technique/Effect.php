<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** What the author assumes that a beat does to the attacker. */
enum Effect: string
{
    case Released = 'released';
    case Rocked = 'rocked';
    case DrivenBack = 'driven back';
    case PulledIn = 'pulled in';
    case Folded = 'folded';
    case Straightened = 'straightened';
    case Turned = 'turned';
    case Kneeling = 'kneeling';
    case Dropped = 'dropped';
    case ArmGone = 'arm gone';

    /** Whether it puts the attacker into a posture, or takes one away. */
    public function isPosture(): bool
    {
        return in_array($this, [self::Folded, self::Straightened, self::Kneeling, self::Dropped], true);
    }
}
