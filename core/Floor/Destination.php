<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Beat;

/** Another answer from one of its beats on, and how both stand there when it is done by itself. */
final readonly class Destination
{
    /**
     * @param list<Beat> $line its main line from that beat on, branches left out
     * @param Frame      $own  how both stand before that beat
     */
    public function __construct(public string $title, public int $beat, public array $line, public Frame $own) {}

    public function landing(string $number, Frame $here): Landing
    {
        return new Landing(
            $number,
            $this->title,
            $this->beat,
            $this->own->positions()->distance - $here->positions()->distance,
            Angle::turn($this->bearingOff($this->own), $this->bearingOff($here)),
            $here->isHeld,
            $this->own->isHeld,
        );
    }

    /** Degrees off the defender's facing in which the attacker is. */
    private function bearingOff(Frame $frame): float
    {
        return Angle::turn(
            $frame->positions()->defender->facing,
            $frame->positions()->defender->feet->axis->bearingTo($frame->positions()->attacker->feet->axis),
        );
    }
}
