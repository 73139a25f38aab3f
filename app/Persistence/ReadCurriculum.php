<?php

declare(strict_types=1);

namespace App\Persistence;

use StoneDrill\Core\Curriculum\Catalogue;

/** What of a school's rows could be read, and what could not. */
final readonly class ReadCurriculum
{
    /** @param list<UnreadableRow> $unreadable */
    public function __construct(public Catalogue $catalogue, public array $unreadable) {}
}
