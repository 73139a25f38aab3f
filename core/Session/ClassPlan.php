<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** A class as it is proposed: its minutes, who is taught what, and who works with whom. */
final readonly class ClassPlan
{
    /**
     * @param list<Block>    $blocks   with their minutes, which may be none
     * @param list<Group>    $groups
     * @param list<string>   $basics   of what is taught, those of most answers first, as many as there is time for
     * @param list<Partners> $partners of each circle: those who are apart, and the others
     */
    public function __construct(public array $blocks, public array $groups, public array $basics, public array $partners) {}

    /** Minutes of all blocks of a kind. */
    public function minutes(BlockKind $kind): int
    {
        return Block::minutesOf($this->blocks, $kind);
    }
}
