<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** What is told of an attack besides its facets: to whoever attacks, and to whoever takes care. */
final readonly class Briefing
{
    /**
     * @param list<string> $cautions what can hurt a partner, beyond what its kind says
     * @param Recoil       $recoil   what becomes of the arm or leg of a blow
     */
    public function __construct(
        public string $notes = '',
        public array $cautions = [],
        public Recoil $recoil = Recoil::LeftOut,
    ) {}
}
