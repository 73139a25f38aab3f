<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use StoneDrill\Core\Exchange\Problem;
use StoneDrill\Core\Exchange\UnreadableCatalogue;

/** Collects what is wrong while a file is read to its end. */
final class Problems
{
    private const MAX = 1000;

    /** @var list<Problem> */
    private array $problems = [];

    /** @throws UnreadableCatalogue when there are so many that reading on helps nobody */
    public function add(Problem $problem): void
    {
        $this->problems[] = $problem;
        if (count($this->problems) === self::MAX) {
            $this->throwIfAny();
        }
    }

    public function count(): int
    {
        return count($this->problems);
    }

    /** @throws UnreadableCatalogue */
    public function throwIfAny(): void
    {
        if ($this->problems !== []) {
            throw UnreadableCatalogue::of($this->problems);
        }
    }
}
