<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

use DateTimeImmutable;

/** How one student did a basic or a form on one day. */
final readonly class SoloMark
{
    /**
     * @param string           $student  id
     * @param string           $basic    id of the basic; empty for a form
     * @param string           $form     id of the form; empty for a basic
     * @param list<string>     $mistakes of the usual ones, those that were seen
     * @param array<int, Mark> $beats    of a form, by the number of the beat from 1, those that were not sound
     */
    public function __construct(
        public string $student,
        public string $basic,
        public string $form,
        public Mark $mark,
        public DateTimeImmutable $at,
        public array $mistakes = [],
        public array $beats = [],
    ) {}
}
