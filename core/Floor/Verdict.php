<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** What became of an attack that was delivered in a beat. Planning estimates. */
final readonly class Verdict
{
    /**
     * @param string $what      `attack` or `follow-up`
     * @param ?string $why      what kept it from landing: stopped, intercepted, under, out, off or inside; null when it lands
     * @param float  $out       metres out of its reach, below 0 short of being out
     * @param float  $off       metres off its line beyond what is needed, below 0 short of it
     * @param bool   $isHold    whether it is a hold that reaches
     */
    public function __construct(public string $what, public ?string $why, public float $out, public float $off, public bool $isHold = false) {}

    public function lands(): bool
    {
        return $this->why === null;
    }
}
