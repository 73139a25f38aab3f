<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Hold;
use StoneDrill\Core\Technique\Effect;

/** What happened in a beat, and which holds and grips are on at its end. */
final readonly class Events
{
    /**
     * @param Hold                  $hold       what is still on at the end
     * @param array<string, Grip>   $grips      by hand of the defender's, at the end
     * @param bool                  $heldBefore whether a hold was on when it began
     * @param ?Delivery             $delivery   an attack that came in it
     * @param list<PerformedAction> $performed  the defender's actions in written order
     * @param ?Effect               $effect     what was assumed to happen
     * @param list<WornOff>         $wornOff    effects that ended before it began
     */
    public function __construct(
        public Hold $hold,
        public array $grips,
        public bool $heldBefore,
        public ?Delivery $delivery,
        public array $performed,
        public ?Effect $effect,
        public array $wornOff,
    ) {}
}
