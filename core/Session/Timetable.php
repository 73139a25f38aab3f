<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Curriculum\ClassHabits;

/** Shares the minutes of a class out among its blocks: whole minutes that sum exactly. */
final readonly class Timetable
{
    /** @return list<Block> all kinds in their order, none locked */
    public static function usual(): array
    {
        return array_map(static fn (BlockKind $kind): Block => new Block($kind), BlockKind::cases());
    }

    /**
     * Locked blocks keep their minutes. The others share what is left by their shares, none below its least and none
     * beyond its most; then whole minutes by largest remainder, the earlier block first where two are equal.
     *
     * @param list<Block> $blocks
     *
     * @throws TimetableException when what is left is too little, or is left over with nothing to take it
     *
     * @return list<Block> the same in their order
     */
    public static function share(int $minutes, array $blocks, ClassHabits $habits = new ClassHabits()): array
    {
        $locked = array_sum(
            array_map(static fn (Block $block): int => $block->isLocked ? $block->minutes : 0, $blocks),
        );
        $open = array_filter($blocks, static fn (Block $block): bool => ! $block->isLocked);
        $left = $minutes - $locked;
        $least = array_sum(array_map(static fn (Block $block): int => $block->kind->least(), $open));
        if ($left < 0 || ($open === [] && $left > 0)) {
            throw TimetableException::locked($minutes, $locked);
        }
        if ($left < $least) {
            throw TimetableException::tooShort($minutes, $locked + $least);
        }
        $whole = self::whole(self::quotas($left, $open, $habits->shares), $left);

        return array_map(
            static fn (int $place, Block $block): Block => $block->isLocked
                ? $block
                : new Block($block->kind, $whole[$place]),
            array_keys($blocks),
            $blocks,
        );
    }

    /**
     * @param array<int, Block>    $open by place
     * @param array<string, float> $by   shares by kind of block
     *
     * @return array<int, float> minutes by place
     */
    private static function quotas(int $left, array $open, array $by): array
    {
        $quotas = [];
        while ($open !== []) {
            $shares = array_sum(array_map(static fn (Block $block): float => $by[$block->kind->value], $open));
            $rest = $left - array_sum($quotas);
            $bounded = [];
            foreach ($open as $place => $block) {
                $quota = ($rest * $by[$block->kind->value]) / $shares;
                if ($quota < $block->kind->least()) {
                    $bounded[$place] = (float) $block->kind->least();
                } elseif ($block->kind->most() !== null && $quota > $block->kind->most() && count($open) > 1) {
                    $bounded[$place] = (float) $block->kind->most();
                }
            }
            if ($bounded === []) {
                return $quotas
                    + array_map(static fn (Block $block): float => ($rest * $by[$block->kind->value]) / $shares, $open);
            }
            $quotas += $bounded;
            $open = array_diff_key($open, $bounded);
        }
        // Each is at a bound: the longest takes what is over.
        if ($quotas !== []) {
            $longest = array_keys($quotas, max($quotas), true)[0];
            $quotas[$longest] += $left - array_sum($quotas);
        }

        return $quotas;
    }

    /**
     * @param array<int, float> $quotas
     *
     * @return array<int, int>
     */
    private static function whole(array $quotas, int $sum): array
    {
        // A hair is added, so that 3 × ⅓ is one.
        $whole = array_map(static fn (float $quota): int => (int) floor($quota + 1e-9), $quotas);
        $remainders = [];
        foreach ($quotas as $place => $quota) {
            $remainders[$place] = $quota - $whole[$place];
        }
        ksort($remainders);
        arsort($remainders);
        foreach (array_slice(array_keys($remainders), 0, $sum - array_sum($whole)) as $place) {
            $whole[$place]++;
        }

        return $whole;
    }
}
