<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Floor\FirstStep;

/** What a first step leaves, in a few words. */
final class FirstStepText
{
    public static function of(FirstStep $step): string
    {
        return implode(
            '; ',
            array_filter([
                self::threat($step->threat),
                self::strike($step->strike),
                $step->isHit ? __('floor.steps.lands') : '',
            ]),
        );
    }

    /** @param ?float $margin metres to spare of the attacker's weapon that reaches farthest */
    private static function threat(?float $margin): string
    {
        return match (true) {
            $margin === null => __('floor.steps.nothing-turned'),
            $margin >= 0 => __('floor.steps.still-reaches', ['cm' => sprintf('%+d', round(100 * $margin))]),
            default => __('floor.steps.short', ['cm' => round(-100 * $margin)]),
        };
    }

    /** @param ?float $margin metres to spare of the strike */
    private static function strike(?float $margin): string
    {
        return $margin === null
            ? __('floor.steps.at-a-limb')
            : __('floor.steps.strike', ['cm' => sprintf('%+d', round(100 * $margin))]);
    }
}
