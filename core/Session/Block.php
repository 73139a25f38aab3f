<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** A block of a class with its minutes. */
final readonly class Block
{
    /** @param bool $isLocked whether its minutes stay when the others are worked out again */
    public function __construct(public BlockKind $kind, public int $minutes = 0, public bool $isLocked = false) {}

    /**
     * Minutes of all blocks of a kind.
     *
     * @param list<self> $blocks
     */
    public static function minutesOf(array $blocks, BlockKind $kind): int
    {
        return array_sum(
            array_map(static fn (self $block): int => $block->kind === $kind ? $block->minutes : 0, $blocks),
        );
    }
}
