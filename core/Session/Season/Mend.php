<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

/**
 * The least that would make a season fit: so many more classes, or without these cells, or on that day. What no answer
 * works against is no matter of classes: it needs an answer first.
 */
final readonly class Mend
{
    /**
     * @param ?int         $classes null where no number of them helps
     * @param list<string> $drop    keys of cells
     * @param ?int         $day     seconds since 1970; null where none within half a year helps
     * @param list<string> $unanswered keys of cells that no answer works against
     */
    public function __construct(
        public ?int $classes,
        public array $drop,
        public ?int $day,
        public array $unanswered = [],
    ) {}
}
