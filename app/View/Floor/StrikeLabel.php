<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Floor\Hit;

/** What stands beside a strike, from whichever side it is drawn. */
final readonly class StrikeLabel
{
    /** Width of a letter and height of a line, in the units of a floor. */
    private const LETTER = 5.8;
    private const LINE = 10.0;

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
     * What the words cover.
     *
     * @param array{label: string, lx: float, ly: float, anchor: string, ...} $strike
     */
    public static function box(array $strike): Box
    {
        return Box::ofWords(
            $strike['lx'],
            $strike['ly'],
            $strike['anchor'],
            self::LETTER * mb_strlen($strike['label']) + 4,
            self::LINE,
        );
    }

    /** Whether it gets to where it is meant, the way that it can be thrown. */
    public static function isHome(Hit $hit): bool
    {
        return $hit->reaches() && $hit->aim->isFaced && $hit->aim->isInArc;
    }
}
