<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Technique\Action;

/** One action in time. */
final readonly class ScoreBar
{
    /**
     * @param string  $number of the beat
     * @param float   $from   seconds from the start of the answer
     * @param ?Action $action null for what the attacker does
     * @param bool    $isHome whether it gets to where it is meant, as far as that can be told
     */
    public function __construct(
        public string $number,
        public float $from,
        public float $to,
        public ?Action $action = null,
        public bool $isHome = true,
    ) {}

    public function seconds(): float
    {
        return $this->to - $this->from;
    }
}
