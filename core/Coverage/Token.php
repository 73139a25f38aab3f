<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Answer\Action;
use StoneDrill\Core\Answer\Target;

/** An action as learning sees it: what is done, with which limb, to where. */
final readonly class Token
{
    private const SAME = 1.0;
    private const SAME_LIMB = 0.7;
    private const SAME_DEED = 0.4;

    private function __construct(private string $deed, private string $limb, private string $place) {}

    public static function of(Action $action): self
    {
        return new self(
            $action->deed->value,
            $action->limb->value ?? '',
            $action->bearing?->toClock() ?? implode(' ', array_map(static fn (Target $target): string => $target->value, $action->targets)),
        );
    }

    /** How much of one is known from the other, 0 to 1. */
    public function likeness(self $other): float
    {
        return match (true) {
            $this->deed !== $other->deed => 0.0,
            $this->limb !== $other->limb => self::SAME_DEED,
            $this->place !== $other->place => self::SAME_LIMB,
            default => self::SAME,
        };
    }

    /**
     * What another action has in common with this one, and how much more of it is known by that: what is alike in more is
     * alike in less too.
     *
     * @return array<string, float> by what is alike
     */
    public function likenesses(): array
    {
        return [
            $this->deed => self::SAME_DEED,
            "{$this->deed} · {$this->limb}" => self::SAME_LIMB - self::SAME_DEED,
            "{$this->deed} · {$this->limb} · {$this->place}" => self::SAME - self::SAME_LIMB,
        ];
    }
}
