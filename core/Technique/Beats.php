<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\Parser;
use StoneDrill\Core\Technique\Notation\Printer;
use StoneDrill\Core\Technique\Notation\Vocabulary;

/** The beats of an answer in order: its main line, with the branches on it. */
final readonly class Beats
{
    /** @param non-empty-list<Beat> $line */
    public function __construct(public array $line) {}

    /**
     * Reads the notation of beats.
     *
     * @throws NotationException with everything that cannot be read, and where
     */
    public static function parse(string $text, ?Vocabulary $vocabulary = null): self
    {
        return (new Parser($vocabulary ?? Vocabulary::standard()))->parse($text);
    }

    /** The one canonical spelling: parsing it gives these beats again. */
    public function toText(): string
    {
        return (new Printer())->print($this);
    }

    /**
     * Its branches as they can be called, each on one line, such as `if not: left knee groin -> folded`.
     *
     * @return list<string>
     */
    public function whatIfs(): array
    {
        $printer = new Printer();
        $prompts = [];
        foreach ($this->line as $beat) {
            foreach ($beat->branches as $branch) {
                $lines = array_map(trim(...), explode("\n", trim($printer->branch($branch))));
                $prompts[] = rtrim($lines[0].' '.($lines[1] ?? ''));
            }
        }

        return $prompts;
    }

    /**
     * Titles of the answers that its branches run on into.
     *
     * @return list<string>
     */
    public function goesTo(): array
    {
        $titles = [];
        foreach ($this->line as $beat) {
            foreach ($beat->branches as $branch) {
                if ($branch->body instanceof GoToAnswer) {
                    $titles[] = $branch->body->title;
                } elseif (is_array($branch->body)) {
                    array_push($titles, ...(new self($branch->body))->goesTo());
                }
            }
        }

        return $titles;
    }

    /** How many beats there are, those of branches among them. */
    public function count(): int
    {
        $count = count($this->line);
        foreach ($this->line as $beat) {
            foreach ($beat->branches as $branch) {
                $count += is_array($branch->body) ? (new self($branch->body))->count() : 0;
            }
        }

        return $count;
    }

    /** Seconds that its main line takes at full pace. */
    public function seconds(): float
    {
        return array_sum(array_map(static fn (Beat $beat): float => $beat->seconds(), $this->line));
    }

    public function mirror(): self
    {
        return new self(array_map(static fn (Beat $beat): Beat => $beat->mirror(), $this->line));
    }

    /**
     * The first beats and the last one, which is what a short form teaches.
     *
     * @param positive-int $beats how many of the first
     */
    public function shortened(int $beats): self
    {
        return $beats + 1 >= count($this->line)
            ? $this
            : new self([...array_slice($this->line, 0, $beats), $this->line[count($this->line) - 1]]);
    }

    /** With another beat in the place of one, counted from 0. */
    public function withBeat(int $position, Beat $beat): self
    {
        return new self(array_values(array_replace($this->line, [$position => $beat])));
    }

    /** With one beat more, before the one at this place; at its end where there is none. */
    public function withInserted(int $position, Beat $beat): self
    {
        $line = $this->line;
        array_splice($line, $position, 0, [$beat]);

        return new self($line);
    }

    /** @return list<Action> of the main line, branches left out */
    public function actions(): array
    {
        return array_merge(...array_map(static fn (Beat $beat): array => $beat->actions, $this->line));
    }
}
