<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Technique\Notation\Vocabulary;

/** What a school has chosen for itself. */
final readonly class School
{
    /** Metres by which a figure may be short and still be close. */
    public const TOLERANCE = 0.05;

    /** The most that a school may allow. */
    public const MAX_TOLERANCE = 0.5;

    /**
     * @param array<string, float>                 $holeFactors factor by kind of hole, where it is not the default
     * @param list<PolicyRow>                      $policy      what is not taught to whom
     * @param float                                $tolerance   metres by which a figure may be short and still be close
     */
    public function __construct(
        public string $name,
        public Doctrine $doctrine,
        public ProofStandard $proof = new ProofStandard(),
        public array $holeFactors = [],
        public ?array $policy = null,
        public Statures $statures = new Statures(),
        public Conventions $conventions = new Conventions(),
        public float $tolerance = self::TOLERANCE,
        public Reaction $reaction = new Reaction(),
    ) {}

    /** @param list<PolicyRow> $policy */
    public function withPolicy(array $policy): self
    {
        return new self(
            $this->name,
            $this->doctrine,
            $this->proof,
            $this->holeFactors,
            $policy,
            $this->statures,
            $this->conventions,
            $this->tolerance,
            $this->reaction,
        );
    }

    public function vocabulary(): Vocabulary
    {
        return Vocabulary::standard()
            ->withAliases($this->conventions->aliases)
            ->withBearings($this->conventions->bearings);
    }
}
