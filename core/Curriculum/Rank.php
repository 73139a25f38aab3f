<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** A step of the school's own ladder of ranks. */
final readonly class Rank
{
    /**
     * @param int $maxBeats most beats that an answer of this rank should have
     * @param int $goalRung the rung at which its students should hold what they need
     */
    public function __construct(public string $id, public string $name, public int $maxBeats, public int $goalRung) {}
}
