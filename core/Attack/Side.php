<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** Which of its two forms of an attack is meant; a symmetric attack has only the written one. */
enum Side: string
{
    case Written = 'written';
    case Mirrored = 'mirrored';

    public function other(): self
    {
        return $this === self::Written ? self::Mirrored : self::Written;
    }
}
