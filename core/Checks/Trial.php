<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Run;

/** An answer that was run against one side of an attack, with everything that checks measure it by. */
final readonly class Trial
{
    /**
     * @param Facets          $facets of the side that it is run against
     * @param list<Shortfall> $robust the first beat that fails when something does not come as assumed
     * @param ?Rung           $rung   the rung it is tried at; null for full pace, nothing told
     */
    public function __construct(
        public Answer $answer,
        public Attack $attack,
        public Facets $facets,
        public Bodies $bodies,
        public Standards $standards,
        public ?Rung $rung,
        public Run $run,
        public array $robust = [],
    ) {}

    /** The same with other frames. */
    public function withRun(Run $run): self
    {
        return new self(
            $this->answer,
            $this->attack,
            $this->facets,
            $this->bodies,
            $this->standards,
            $this->rung,
            $run,
        );
    }

    /** @param list<Shortfall> $robust */
    public function withRobust(array $robust): self
    {
        return new self(
            $this->answer,
            $this->attack,
            $this->facets,
            $this->bodies,
            $this->standards,
            $this->rung,
            $this->run,
            $robust,
        );
    }

    /**
     * What stops it.
     *
     * @param iterable<Check> $checks
     *
     * @return list<Finding>
     */
    public function stops(iterable $checks): array
    {
        $stops = [];
        foreach ($checks as $check) {
            foreach ($check->find($this) as $finding) {
                if ($finding->severity === Severity::Stop) {
                    $stops[] = $finding;
                }
            }
        }

        return $stops;
    }

    /** The rung that times are read at: the one it is tried at, or the goal rung of the answer's rank. */
    public function timedAt(): Rung
    {
        return $this->rung ?? $this->standards->goalRung($this->answer->teaching->rank);
    }

    /** What counts as close for a length. */
    public function tolerance(): Tolerance
    {
        return Tolerance::metres($this->standards->school->asks->tolerance);
    }

    public function leaving(): Leaving
    {
        return $this->standards->school->asks->leaving;
    }

    public function doctrine(): Doctrine
    {
        return $this->answer->teaching->doctrine ?? $this->standards->school->doctrine;
    }
}
