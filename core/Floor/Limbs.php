<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Technique\Limb;

/** Where the attacker's arms and a leg that is out are, and which hands of the defender's they have. */
final readonly class Limbs
{
    /**
     * @param array<string, Spot> $hands  by `left` and `right`
     * @param list<string>        $busy   those of them that hold, attack or are gripped: such an arm is straight
     * @param ?Hand               $kicks  the leg that is out
     * @param ?Spot               $foot   where its foot is
     * @param list<Limb>          $held   hands of the defender's that are held at the wrist
     */
    public function __construct(
        public array $hands,
        public array $busy,
        public ?Hand $kicks,
        public ?Spot $foot,
        public array $held,
    ) {}
}
