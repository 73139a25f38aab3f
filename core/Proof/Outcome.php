<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use StoneDrill\Core\Text;

/** How a rep went. */
enum Outcome: string
{
    case Clean = 'clean';
    /** Out, but touched on arm or body. */
    case Scraped = 'scraped';
    /** Froze or failed, made space, went on. */
    case Recovered = 'recovered';
    case Late = 'late';
    case Hit = 'hit';
    case Froze = 'froze';
    /** Broken off for safety. */
    case Stopped = 'stopped';

    /** What it counts for, from 0 to 1; null when it does not count. */
    public function credit(): ?float
    {
        return match ($this) {
            self::Clean => 1.0,
            self::Scraped, self::Recovered => 0.5,
            self::Late, self::Hit, self::Froze => 0.0,
            self::Stopped => null,
        };
    }

    public function meaning(): Text
    {
        return Text::of("proof.outcomes.{$this->value}");
    }
}
