<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\LimbState;
use StoneDrill\Core\Attack\LimbStatus;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;

/** One action as it was done: by which limb, what that limb could still do, and what came of it. */
final readonly class PerformedAction
{
    /**
     * @param ?Limb            $limb     who did it; a free hand has been chosen
     * @param list<LimbStatus> $hindered the limbs of it that a hold kept from moving freely
     * @param bool             $gripped  whether a hand of it had something in its grip that it did not let go of
     * @param ?float           $fromHold metres from the target to the hand that holds the striking one; null where none
     *     holds it
     */
    public function __construct(
        public Action $action,
        public ?Limb $limb,
        public array $hindered = [],
        public ?Hit $hit = null,
        public bool $gripped = false,
        public ?float $fromHold = null,
        public ?Grasp $grasp = null,
    ) {}

    public function isBlocked(): bool
    {
        return array_filter(
            $this->hindered,
            static fn (LimbStatus $status): bool => $status->state === LimbState::Blocked,
        ) !== [];
    }
}
