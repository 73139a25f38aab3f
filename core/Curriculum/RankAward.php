<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use DateTimeImmutable;

/** Since when somebody has a rank. */
final readonly class RankAward
{
    /** @param string $rank id */
    public function __construct(public string $rank, public DateTimeImmutable $on, public string $note = '') {}
}
