<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Place;
use StoneDrill\Core\Attack\Posture as StartPosture;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Text;

/** The metres that a place leaves free around where the defender stands at the start. */
final readonly class Room
{
    /** Degrees off straight backward that count as toward 4 to 8 o'clock. */
    private const BACK = 60.0;

    public function __construct(private Place $place, private StartPosture $posture) {}

    /** Metres by which the defender is farther from the start than there is room; 0 within it. */
    public function excess(Point $start, Point $now): float
    {
        $away = $start->distanceTo($now);
        $isBack = $away > 0 && abs(Angle::turn(180, $start->bearingTo($now))) <= self::BACK + 1e-9;
        $excess = match ($this->place) {
            Place::Open => 0.0,
            Place::Narrow => abs($now->x - $start->x) - 0.5,
            Place::Obstacles => $isBack ? $away - 0.8 : 0.0,
            Place::Stairs => $isBack ? $away - 0.4 : 0.0,
            Place::Crowd => $away - 1.0,
        };

        return max(0.0, $excess, $this->posture === StartPosture::Wall && $isBack ? $away : 0.0);
    }

    public function allowsHop(): bool
    {
        return $this->place !== Place::Stairs;
    }

    /** @return list<Text> what is free */
    public function texts(): array
    {
        $texts = $this->place === Place::Open ? [] : [Text::of("room.{$this->place->value}")];

        return $this->posture === StartPosture::Wall ? [...$texts, Text::of('room.wall')] : $texts;
    }
}
