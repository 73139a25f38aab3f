<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** An attack that was delivered in a beat, and what became of it. Planning estimates. */
final readonly class Delivery
{
    /**
     * @param bool  $isFollowUp whether it is a second attack with a free hand
     * @param float $out        metres out of its reach, below 0 short of being out
     * @param float $off        metres off its line beyond what is needed, below 0 short of it
     * @param bool  $isHold     whether it is a hold that reaches
     */
    public function __construct(
        public bool $isFollowUp,
        public Verdict $verdict,
        public float $out,
        public float $off,
        public bool $isHold = false,
    ) {}

    public function lands(): bool
    {
        return $this->verdict === Verdict::Lands;
    }
}
