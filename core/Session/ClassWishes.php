<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** What whoever plans a class wishes for it beside its minutes. */
final readonly class ClassWishes
{
    /**
     * @param list<string> $teach      ids of answers that are taught before all others, wherever nothing bars them
     * @param list<string> $skip       ids of answers that are not taught this time
     * @param bool         $mixesSizes whether all sizes work together instead of like ones
     * @param bool         $stepsIn    whether an instructor works with whoever is over, instead of a pair taking them
     *     in
     */
    public function __construct(
        public array $teach = [],
        public array $skip = [],
        public bool $mixesSizes = false,
        public bool $stepsIn = false,
    ) {}
}
