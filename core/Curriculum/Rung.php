<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** A step of the pressure ladder. */
final readonly class Rung
{
    /**
     * @param int          $id         its number, higher is harder
     * @param float        $pace       1 is full pace
     * @param bool         $attackTold whether the student knows which attack comes
     * @param bool         $momentTold whether the student knows when it comes
     * @param int          $resistance 0 none to 3 full
     * @param bool         $followUps  whether the attacker goes on after the first attack
     * @param list<string> $stressors
     */
    public function __construct(
        public int $id,
        public string $name,
        public float $pace,
        public bool $attackTold,
        public bool $momentTold,
        public int $resistance,
        public bool $followUps,
        public array $stressors,
    ) {}
}
