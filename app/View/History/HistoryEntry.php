<?php

declare(strict_types=1);

namespace App\View\History;

use DateTimeInterface;

/** One version of an answer: who saved it, when, and what it changed. */
final readonly class HistoryEntry
{
    /** @param list<array{field: string, lines: list<array{sign: string, class: string, text: string}>}> $changes */
    public function __construct(
        public int $version,
        public string $by,
        public DateTimeInterface $at,
        public array $changes,
        public bool $isFirst,
        public bool $isNow,
    ) {}

    /** Which fields it changed. */
    public function fields(): string
    {
        return implode(', ', array_column($this->changes, 'field'));
    }
}
