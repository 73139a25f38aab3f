<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Technique\Beats;

/** What the tests of Properties share. */
final class PropertiesFixture
{
    /**
     * What has a side only by convention: both limbs, a hand to choose, and a turn from or to straight behind, what
     * follows a kick.
     */
    public static function hasTies(Beats $beats, Kind $kind, Facets $facets): bool
    {
        $text = $beats->toText();

        return str_contains($text, 'free hand')
            || str_contains($text, 'go behind')
            || str_contains($text, 'turned')
            || str_contains($text, 'if second attack')
            || str_contains($text, 'arm gone')
            || ! $facets->hand->isOne()
            || $facets->bearing->toClock() === '6'
            || ($facets->phase === Phase::FollowUp && $kind->family === Family::Kick);
    }

    /** @return list<float> */
    public static function seenFrom(Frame $frame, int $side): array
    {
        $figures = [
            $side * $frame->positions()->defender->feet->axis->x,
            $frame->positions()->defender->feet->axis->y,
            $side * $frame->positions()->attacker->feet->axis->x,
            $frame->positions()->attacker->feet->axis->y,
            $frame->positions()->distance,
            $frame->time,
            cos(deg2rad($frame->positions()->defender->facing)),
            $side * sin(deg2rad($frame->positions()->defender->facing)),
            cos(deg2rad($frame->positions()->attacker->facing)),
            $side * sin(deg2rad($frame->positions()->attacker->facing)),
        ];
        foreach ($frame->hits as $hit) {
            array_push($figures, $hit->measure->margin ?? -9.0, (float) $hit->aim->isFaced, (float) $hit->aim->isInArc);
        }
        $margins = array_map(static fn ($threat): float => $threat->margin, $frame->positions()->threats);
        sort($margins);

        return [
            ...$figures,
            ...$margins,
            $frame->events->delivery->out ?? 0.0,
            $frame->events->delivery->off ?? 0.0,
            (float) $frame->isHeld,
        ];
    }
}
