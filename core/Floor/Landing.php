<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** Where a branch comes into another answer, against where that answer is at its own beat. Planning estimates. */
final readonly class Landing
{
    /**
     * @param string  $number   of the beat that the branch is on
     * @param string  $title    of the other answer
     * @param int     $beat     of its main line
     * @param float   $closer   metres that the attacker is nearer than there, farther below 0
     * @param float   $turned   degrees by which the defender faces the attacker otherwise than there
     * @param bool    $isHeld   whether a hold is on here
     * @param bool    $heldThere whether one is on there
     */
    public function __construct(
        public string $number,
        public string $title,
        public int $beat,
        public float $closer,
        public float $turned,
        public bool $isHeld,
        public bool $heldThere,
    ) {}
}
