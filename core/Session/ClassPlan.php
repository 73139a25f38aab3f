<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** A class as it is proposed: its minutes, who is taught and drills what, and who works with whom. */
final readonly class ClassPlan
{
    /**
     * @param list<Block>    $blocks   with their minutes, which may be none
     * @param list<Group>    $groups
     * @param list<string>   $basics   of what is taught, those of most answers first, as many as there is time for
     * @param list<Partners> $partners of each circle: those who are apart, and the others
     * @param array<string, Practice> $practice by the kind of block
     */
    public function __construct(
        public array $blocks,
        public array $groups,
        public array $basics,
        public array $partners,
        public array $practice,
    ) {}

    /** @return list<string> ids of the answers that are drilled by somebody, each once */
    public function drilled(): array
    {
        return Group::drilledBy($this->groups);
    }

    /** Minutes of all blocks of a kind. */
    public function minutes(BlockKind $kind): int
    {
        return Block::minutesOf($this->blocks, $kind);
    }

    /** @return list<list<Round>> of each round of the blocks of a kind, what each circle does */
    public function roundsIn(BlockKind $kind): array
    {
        $rounds = [];
        foreach ($this->partners as $partners) {
            foreach ($partners->of($kind) as $number => $round) {
                $rounds[$number][] = $round;
            }
        }

        return array_values($rounds);
    }

    /** Tries that each of a pair defends in the blocks of a kind. Places and pads are shared by all circles. */
    public function repsEach(BlockKind $kind, ClassFacts $facts): int
    {
        return RepCount::each(
            $this->minutes($kind),
            $facts->placesIn($kind),
            $this->pairs($kind),
            $this->practice[$kind->value]->try($facts->habits->between),
        );
    }

    /** Pairs that there are in blocks of a kind, of all circles together. */
    public function pairs(BlockKind $kind): int
    {
        return array_sum(
            array_map(static fn (Partners $one): int => Partners::pairs($one->of($kind)), $this->partners),
        );
    }
}
