<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** What the reps say, in the order in which the states are asked for. */
enum ProofState: string
{
    case Untried = 'untried';
    case Holds = 'holds';
    case Failing = 'failing';
    /** Held just after some earlier rep, and no longer. */
    case Faded = 'faded';
    case Building = 'building';

    /** One sign for it where room is scarce. */
    public function sign(): string
    {
        return match ($this) {
            self::Holds => '✓',
            self::Building => '◔',
            self::Failing => '✕',
            self::Faded => '~',
            self::Untried => '·',
        };
    }

    /**
     * @param Evidence         $evidence of some weight
     * @param callable(): bool $everHeld whether it was held just after some rep
     */
    public static function of(Evidence $evidence, callable $everHeld): self
    {
        return match (true) {
            $evidence->holds() => self::Holds,
            $evidence->fails() => self::Failing,
            $everHeld() => self::Faded,
            default => self::Building,
        };
    }
}
