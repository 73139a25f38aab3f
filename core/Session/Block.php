<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** A block of a class with its minutes. */
final readonly class Block
{
    /** @param bool $isLocked whether its minutes stay when the others are worked out again */
    public function __construct(public BlockKind $kind, public int $minutes = 0, public bool $isLocked = false) {}
}
