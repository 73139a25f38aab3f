<?php

declare(strict_types=1);

namespace App\View\Wall;

/** Where a stone lies, in the wall and in the drawing. */
final readonly class StonePlace
{
    /**
     * @param int $course from 0, the lowest that is shown
     * @param int $column from 0, one for each side of each attack
     */
    public function __construct(
        public int $course,
        public int $column,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
    ) {}
}
