<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Target;

/** An action as learning sees it: what is done, with which limb, to where. */
final readonly class Token
{
    private const SAME = 1.0;
    private const SAME_LIMB = 0.7;
    private const SAME_VERB = 0.4;

    private function __construct(private string $verb, private string $limb, private string $place) {}

    public static function of(Action $action): self
    {
        return new self(
            $action->verb->value,
            $action->limb->value ?? '',
            $action->bearing?->toClock()
                ?? implode(' ', array_map(static fn (Target $target): string => $target->value, $action->targets)),
        );
    }

    /** How much of one is known from the other, 0 to 1. */
    public function likeness(self $other): float
    {
        return match (true) {
            $this->verb !== $other->verb => 0.0,
            $this->limb !== $other->limb => self::SAME_VERB,
            $this->place !== $other->place => self::SAME_LIMB,
            default => self::SAME,
        };
    }

    /**
     * What another action has in common with this one, and how much more of it is known by that: what is alike in more
     * is alike in less too.
     *
     * @return array<string, float> by what is alike
     */
    public function likenesses(): array
    {
        return [
            $this->verb => self::SAME_VERB,
            "{$this->verb} · {$this->limb}" => self::SAME_LIMB - self::SAME_VERB,
            "{$this->verb} · {$this->limb} · {$this->place}" => self::SAME - self::SAME_LIMB,
        ];
    }
}
