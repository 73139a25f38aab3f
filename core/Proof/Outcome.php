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

    public function counts(): bool
    {
        return $this !== self::Stopped;
    }

    public function meaning(): Text
    {
        return Text::of("proof.outcomes.{$this->value}");
    }
}
