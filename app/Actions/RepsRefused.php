<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;

/** Some of the reps that belong together cannot be stored as they were sent; none of them was. */
final class RepsRefused extends RuntimeException
{
    /** @param non-empty-list<RecordedRep> $refused */
    public function __construct(public readonly array $refused)
    {
        parent::__construct($refused[0]->why);
    }
}
