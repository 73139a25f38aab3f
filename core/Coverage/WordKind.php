<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Technique\LimbRule;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;

/** What a word of the notation is of: how the feet go, what hits, what holds or stops. */
enum WordKind: string
{
    case Step = 'step';
    case Strike = 'strike';
    case Control = 'control';

    /** Position in the list of kinds. */
    public function order(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** Null for what is neither: saying, looking, waiting. */
    public static function of(Strike|Verb $verb): ?self
    {
        return match (true) {
            $verb instanceof Strike => self::Strike,
            $verb->limbs() === LimbRule::None => null,
            $verb->limbs() === LimbRule::WholeBody, $verb === Verb::Step, $verb === Verb::Cross => self::Step,
            default => self::Control,
        };
    }
}
