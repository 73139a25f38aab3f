<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Floor\Elevation\Body;
use StoneDrill\Core\Floor\Elevation\Elevation;
use StoneDrill\Core\Floor\Elevation\Node;
use StoneDrill\Core\Floor\Elevation\Side;

/** One body from the side as it is drawn: lines through its joints, centimetres, y downward from the floor. */
final readonly class SideFigure
{
    /** @var list<string> points of lines: the trunk, then arm and leg of each side */
    public array $lines;

    public float $headX;
    public float $headY;
    public float $head;

    /** Where the axis is. */
    public float $axis;

    /** Centimetres. */
    public float $stature;

    public function __construct(private Elevation $elevation, Body $body, float $stature)
    {
        $this->stature = round(100 * $stature, 1);
        $this->head = round(6.2 * $stature, 1);
        [$this->headX, $this->headY] = $this->at($body->crown->between($body->chin, 0.5));
        $hip = $body->hips['left']->between($body->hips['right'], 0.5);
        $neck = $body->shoulders['left']->between($body->shoulders['right'], 0.5);
        $this->axis = $this->at($hip)[0];
        $lines = [[$hip, $neck, $body->chin->between($body->crown, 0.25)]];
        foreach (Side::cases() as $side) {
            $lines[] = [$neck, $body->shoulders[$side->value], $body->elbows[$side->value], $body->hands[$side->value]];
            $lines[] = [
                $hip,
                $body->hips[$side->value],
                $body->knees[$side->value],
                $body->ankles[$side->value],
                $body->toes[$side->value],
            ];
        }
        $this->lines = array_map(
            fn (array $nodes): string => implode(
                ' ',
                array_map(fn (Node $node): string => implode(',', $this->at($node)), $nodes),
            ),
            $lines,
        );
    }

    /** @return array{float, float} */
    public function at(Node $node): array
    {
        return [FloorFigure::cm($this->elevation->along($node)), 0.0 - FloorFigure::cm($node->height)];
    }
}
