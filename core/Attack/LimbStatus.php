<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Text;

/** What one of the defender's limbs can still do, and why. */
final readonly class LimbStatus
{
    /** @param list<Hand> $by the attacker's hands that hold it */
    public function __construct(
        public Limb $limb,
        public LimbState $state,
        public LimbLimit $limit = LimbLimit::None,
        private array $by = [],
    ) {}

    public function isFree(): bool
    {
        return $this->state === LimbState::Free;
    }

    /** Why it is not free, as half a sentence; null where it is. */
    public function text(): ?Text
    {
        return $this->limit === LimbLimit::None
            ? null
            : Text::of("hold.limits.{$this->limit->value}", [
                'hand' => Text::of(count($this->by) === 2 ? 'hold.both-hands' : 'hold.hand', [
                    'side' => $this->by[0]->value ?? '',
                ]),
            ]);
    }
}
