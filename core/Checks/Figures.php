<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** How findings say their figures. */
final class Figures
{
    /** @param float $metres how much is missing; below 0 there is some to spare */
    public static function short(float $metres): string
    {
        $centimetres = (int) round(abs($metres) * 100);

        return $metres >= 0 ? sprintf('%d cm short', $centimetres) : sprintf('%d cm to spare', $centimetres);
    }

    /** @param float $off degrees off his facing */
    public static function side(float $off): string
    {
        return match (true) {
            abs($off) <= 45 => 'in front',
            abs($off) <= 135 => sprintf('%d° to the side', (int) round(abs($off))),
            default => 'behind',
        };
    }
}
