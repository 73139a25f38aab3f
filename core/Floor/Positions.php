<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** Where both stand at the end of a beat, and what that opens to the attacker. */
final readonly class Positions
{
    /**
     * @param float        $distance    metres between the axes
     * @param list<Threat> $threats     every weapon of the attacker's that is free, reaching or not
     * @param ?Limbs       $limbs       where the attacker's limbs are; null where nobody asked
     */
    public function __construct(
        public Stance $defender,
        public Stance $attacker,
        public float $distance,
        public Faced $faced,
        public Fists $fists,
        public array $threats,
        public ?Limbs $limbs = null,
    ) {}
}
