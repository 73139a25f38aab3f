<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Floor\Hit;

/** What stands beside a strike, from whichever side it is drawn. */
final readonly class StrikeLabel
{
    /** Width of a letter, in the units of a floor. */
    private const LETTER = 5.8;

    public static function of(Hit $hit): string
    {
        $label = match (true) {
            $hit->measure->tooFarUp => __('floor.too-high'),
            $hit->measure->margin === null => '',
            $hit->measure->drive > 0 && $hit->reaches() => __('floor.with-body', [
                'cm' => (int) round(100 * $hit->measure->drive),
            ]),
            default => __('words.signed-cm', ['cm' => sprintf('%+d', $hit->centimetres())]),
        };

        return (self::isHome($hit) ? '' : '✕ ').trim($hit->strike->value.' '.$label);
    }

    /**
     * From where to where words go.
     *
     * @param array{label: string, lx: float, anchor: string, ...} $strike
     *
     * @return array{float, float}
     */
    public static function extent(array $strike): array
    {
        $wide = self::LETTER * mb_strlen($strike['label']) + 4;

        return $strike['anchor'] === 'end'
            ? [$strike['lx'] - $wide, $strike['lx']]
            : [$strike['lx'], $strike['lx'] + $wide];
    }

    /** Whether it gets to where it is meant, the way that it can be thrown. */
    public static function isHome(Hit $hit): bool
    {
        return $hit->reaches() && $hit->aim->isFaced && $hit->aim->isInArc;
    }
}
