<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Size;
use StoneDrill\Core\Technique\Verb;

/**
 * How long the movements of a beat are for which no length is written: half to one and a half times the usual, all by
 * one factor. The usual is taken unless the beat needs another.
 */
final readonly class Elastic
{
    /** The least and the most, as a share of the usual. */
    private const LEAST = 0.5;
    private const MOST = 1.5;

    /**
     * The other factors to try, the nearest to the usual first, the longer one before the shorter: whole centimetres of
     * the longest elastic movement. None where no movement of the beat is elastic.
     *
     * @param float $stature of the defender, in metres
     *
     * @return list<float>
     */
    public static function factors(Beat $beat, float $stature): array
    {
        $longest = self::longest($beat) * $stature;
        $factors = [];
        for (
            $centimetres = 1;
            $longest > 0 && $centimetres / 100 <= (self::MOST - 1) * $longest + 1e-9;
            $centimetres++
        ) {
            $share = $centimetres / 100 / $longest;
            $factors[] = 1 + $share;
            if (1 - $share >= self::LEAST - 1e-9) {
                $factors[] = 1 - $share;
            }
        }

        return $factors;
    }

    /**
     * How far the longest movement for which no length is written usually goes, as a share of the stature; 0 where
     * there is none.
     */
    public static function longest(Beat $beat): float
    {
        $longest = 0.0;
        foreach ($beat->actions as $action) {
            if ($action->verb instanceof Verb && $action->isElastic()) {
                $longest = max($longest, Footwork::usual($action->verb));
            }
        }

        return $longest;
    }

    /**
     * The beats with the lengths written that the model took in one beat of the main line; null where it took the
     * usual.
     *
     * @param Frame $frame from a run of these beats, or of their mirror
     */
    public static function written(Beats $beats, Frame $frame): ?Beats
    {
        $at = (int) $frame->number - 1;
        $beat = $beats->line[$at] ?? null;
        $strides = $frame->movement->strides;
        if ($beat === null || ! $frame->isOnMainLine() || $strides === [] || $strides[0]->isUsual()) {
            return null;
        }
        foreach ($beat->actions as $position => $action) {
            if ($action->isElastic() && $strides !== []) {
                $beat = $beat->withAction(
                    $position,
                    $action->withSize(Size::metres(round(array_shift($strides)->metres, 4))),
                );
            }
        }

        return $beats->withBeat($at, $beat);
    }

    /**
     * What a beat needs and has at the length tried: whether an attack that comes in it does not land, and how many of
     * its strikes and controls reach; compared in this order.
     *
     * @return array{bool, int}
     */
    public static function has(BeatLog $log): array
    {
        $reached = 0;
        foreach ($log->performed as $done) {
            $measure = self::measure($done);
            $reached += (int) ($measure !== null && $measure->margin !== null && $measure->reaches());
        }

        return [self::isSafe($log), $reached];
    }

    /** Whether no attack lands in a beat; a hold that comes is none of its needs. */
    public static function isSafe(BeatLog $log): bool
    {
        return $log->delivery === null || $log->delivery->isHold || ! $log->delivery->lands();
    }

    /**
     * The most that a beat can have.
     *
     * @return array{bool, int}
     */
    public static function needs(BeatLog $log): array
    {
        $measured = array_filter(
            $log->performed,
            static fn (PerformedAction $done): bool => self::measure($done)?->margin !== null,
        );

        return [true, count($measured)];
    }

    private static function measure(PerformedAction $done): ?Measure
    {
        return $done->hit->measure ?? $done->grasp?->measure;
    }
}
