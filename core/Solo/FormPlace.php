<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

use StoneDrill\Core\Floor\Feet;
use StoneDrill\Core\Floor\Posture;
use StoneDrill\Core\Technique\Beat;

/** Where somebody is in a form after one of its beats. Metres and degrees of the floor. */
final readonly class FormPlace
{
    /**
     * @param int       $number  from 1; 0 before the first beat
     * @param Beat|null $beat    null before the first
     * @param float     $seconds since the start, at full pace
     * @param float     $facing  degrees clockwise from 12
     * @param float     $crouch  metres
     * @param float     $way     metres that the body has gone over the floor in this beat
     */
    public function __construct(
        public int $number,
        public ?Beat $beat,
        public float $seconds,
        public Feet $feet,
        public float $facing,
        public Posture $posture,
        public float $crouch,
        public float $way,
    ) {}
}
