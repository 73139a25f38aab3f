<?php

declare(strict_types=1);

namespace App\Wall;

/** One stone of the wall, ready to draw. */
final readonly class Stone
{
    /**
     * @param int    $course from 0, the lowest
     * @param int    $column from 0, one for each side of each attack
     * @param float  $proven share of the rank's students that hold it, 0 to 1
     * @param ?int   $number of the hole in the list beside the wall
     * @param string $says   what it is, who answers it, what is wrong
     */
    public function __construct(
        public StoneState $state,
        public int $course,
        public int $column,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public float $proven,
        public ?int $number,
        public string $url,
        public string $says,
    ) {}

    public function isFirst(): bool
    {
        return $this->course === 0 && $this->column === 0;
    }

    /** Top of the part that is proven. */
    public function mossTop(): float
    {
        return round($this->y + $this->height * (1 - $this->proven), 2);
    }

    public function mossHeight(): float
    {
        return round($this->height * $this->proven, 2);
    }

    /** Numbers of neighbouring holes stand on two lines, where there is room for both. */
    public function numberLine(): float
    {
        return round($this->y + 14 + $this->column % 2 * 12, 2);
    }

    public function middle(): float
    {
        return round($this->x + $this->width / 2, 2);
    }
}
