<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Answer\LimbRule;
use StoneDrill\Core\Answer\Strike;
use StoneDrill\Core\Answer\Verb;

/** What a basic is: how the feet go, what hits, what holds or stops. */
enum BasicKind: string
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
    public static function of(Strike|Verb $deed): ?self
    {
        return match (true) {
            $deed instanceof Strike => self::Strike,
            $deed->limbs() === LimbRule::None => null,
            $deed->limbs() === LimbRule::WholeBody, $deed === Verb::Step, $deed === Verb::Cross => self::Step,
            default => self::Control,
        };
    }
}
