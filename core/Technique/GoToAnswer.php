<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** A branch that runs on into another answer. */
final readonly class GoToAnswer
{
    /** @param int $beat number of the beat of that answer's main line, from 1 */
    public function __construct(public string $title, public int $beat) {}
}
