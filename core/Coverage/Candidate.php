<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/** An answer that could be taught, and how. */
final readonly class Candidate
{
    /**
     * @param string    $answer id
     * @param string    $move   teach, mirror, earlier or widen
     * @param list<int> $cells  places of the cells that it meets and works in
     * @param list<int> $taught places of all the cells that it would be taught to
     */
    public function __construct(
        public string $answer,
        public string $move,
        public array $cells,
        public array $taught,
    ) {}
}
