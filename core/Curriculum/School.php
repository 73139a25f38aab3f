<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Technique\Notation\Vocabulary;

/** What a school has chosen for itself. */
final readonly class School
{
    /** Share of a rank's students that must hold an attack for it to count as proven. */
    public const SHARE = 0.8;

    /**
     * @param array<string, float>                 $holeFactors factor by kind of hole, where it is not the default
     * @param list<PolicyRow>                      $policy      what is not taught to whom
     */
    public function __construct(
        public string $name,
        public Doctrine $doctrine,
        public float $share = self::SHARE,
        public array $holeFactors = [],
        public ?array $policy = null,
        public Statures $statures = new Statures(),
        public Conventions $conventions = new Conventions(),
    ) {}

    public function vocabulary(): Vocabulary
    {
        return Vocabulary::standard()->withAliases($this->conventions->aliases);
    }
}
