<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor\Elevation;

/** The left or the right of a body. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';

    /** -1 to the left, 1 to the right. */
    public function sign(): int
    {
        return $this === self::Left ? -1 : 1;
    }
}
