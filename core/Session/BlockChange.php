<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** What can be done with a block of a class; the minutes of the others are worked out again afterwards. */
enum BlockChange: string
{
    case Longer = 'longer';
    case Shorter = 'shorter';
    case Lock = 'lock';
    case Unlock = 'unlock';
    case Earlier = 'earlier';
    case Later = 'later';
    case Move = 'move';
    case Drop = 'drop';
    case Add = 'add';
    case Reset = 'reset';

    /** Blocks that a class has at most. */
    public const MAX = 20;

    /**
     * @param list<Block> $blocks with their minutes
     * @param ?int        $to     place to which a block is moved
     *
     * @return list<Block>|null the same changed; null where they are as usual again
     */
    public function to(array $blocks, int $at, ?BlockKind $kind, ?int $to = null): ?array
    {
        $block = $blocks[$at] ?? null;
        $other = match ($this) {
            self::Earlier => $at - 1,
            self::Later => $at + 1,
            default => $at,
        };
        if ($this === self::Reset) {
            return null;
        }
        if ($this === self::Add) {
            return $kind === null || count($blocks) >= self::MAX ? $blocks : [...$blocks, new Block($kind)];
        }
        if ($block === null || ! isset($blocks[$other])) {
            return $blocks;
        }
        if ($this === self::Move) {
            return self::moved($blocks, $at, $to ?? $at);
        }
        if ($this === self::Drop) {
            return count($blocks) === 1 ? $blocks : array_values(array_diff_key($blocks, [$at => true]));
        }
        [$blocks[$at], $blocks[$other]] = [$blocks[$other], $this->of($block)];

        return array_values($blocks);
    }

    /**
     * @param list<Block> $blocks
     *
     * @return list<Block> the same with one at another place, the others in their order
     */
    private static function moved(array $blocks, int $at, int $to): array
    {
        $moving = $blocks[$at];
        unset($blocks[$at]);
        array_splice($blocks, max(0, min($to, count($blocks))), 0, [$moving]);

        return array_values($blocks);
    }

    private function of(Block $block): Block
    {
        return match ($this) {
            self::Longer => new Block($block->kind, $block->minutes + 1, true),
            self::Shorter => new Block($block->kind, max(1, $block->minutes - 1), true),
            self::Lock => new Block($block->kind, $block->minutes, true),
            self::Unlock => new Block($block->kind, $block->minutes),
            default => $block,
        };
    }
}
