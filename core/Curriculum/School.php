<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Technique\Notation\Vocabulary;

/** What a school has chosen for itself. */
final readonly class School
{
    /**
     * @param array<string, float>                 $holeFactors factor by kind of hole, where it is not the default
     * @param list<PolicyRow>                      $policy      what is not taught to whom
     */
    public function __construct(
        public string $name,
        public Doctrine $doctrine,
        public ProofStandard $proof = new ProofStandard(),
        public array $holeFactors = [],
        public ?array $policy = null,
        public Statures $statures = new Statures(),
        public Conventions $conventions = new Conventions(),
        public AnswerStandard $asks = new AnswerStandard(),
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
            $this->asks,
        );
    }

    public function vocabulary(): Vocabulary
    {
        return Vocabulary::standard()
            ->withAliases($this->conventions->aliases)
            ->withBearings($this->conventions->bearings);
    }
}
