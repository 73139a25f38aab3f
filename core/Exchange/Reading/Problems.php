<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use StoneDrill\Core\Exchange\Problem;
use StoneDrill\Core\Exchange\UnreadableCatalogue;
use StoneDrill\Core\Text;

/** Collects what is wrong while a file is read to its end. */
final class Problems
{
    private const MAX = 1000;

    /** @var list<Problem> */
    private array $problems = [];

    /** @var array<string, string> what keys of older files are called now */
    private array $notices = [];

    /** @throws UnreadableCatalogue when there are so many that reading on helps nobody */
    public function add(Problem $problem): void
    {
        $this->problems[] = $problem;
        if (count($this->problems) === self::MAX) {
            $this->throwIfAny();
        }
    }

    /** A key of an older file was read as what it is called now. */
    public function notice(string $old, string $now): void
    {
        $this->notices[$old] = $now;
    }

    /** @return list<Text> what was read otherwise than it is written, each key once */
    public function notices(): array
    {
        return array_map(
            static fn (string $old, string $now): Text => Text::of('file.renamed', ['old' => $old, 'now' => $now]),
            array_keys($this->notices),
            array_values($this->notices),
        );
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
