<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** One row of a school's contact policy. */
final readonly class PolicyRow
{
    /**
     * @param ?int    $under age below which it holds, null for any
     * @param ?string $rank  id of the rank below which it holds, null for any
     */
    public function __construct(
        public Hazard $hazard,
        public ?int $under,
        public ?string $rank,
        public PolicyLevel $level,
    ) {}
}
