<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** How far a hazard may go, the freest first. */
enum PolicyLevel: string
{
    case Free = 'free';
    case Pads = 'pads';
    /** Thrown, and stopped short of contact. */
    case StopShort = 'stop-short';
    case NotTaught = 'not-taught';

    /** What earlier files call the freest. */
    private const WAS_FREE = 'none';

    /** The level of a word, an earlier one among them; null for anything else. */
    public static function read(mixed $word): ?self
    {
        return $word === self::WAS_FREE ? self::Free : (is_string($word) ? self::tryFrom($word) : null);
    }

    /** The stricter of the two. */
    public function stricter(self $other): self
    {
        return array_search($other, self::cases(), true) > array_search($this, self::cases(), true) ? $other : $this;
    }
}
