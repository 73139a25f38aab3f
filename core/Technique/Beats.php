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
    /**
     * @param non-empty-list<Beat> $line
     * @param list<string>         $numbers of the beats, where they are not simply counted
     */
    public function __construct(public array $line, private array $numbers = []) {}

    /** What a beat of the main line is called, by its position from 0. */
    public function number(int $position): string
    {
        return $this->numbers[$position] ?? (string) ($position + 1);
    }

    /**
     * Reads the notation of beats.
     *
     * @throws NotationException with everything that cannot be read, and where
     */
    public static function parse(string $text, ?Vocabulary $vocabulary = null): self
    {
        return (new Parser($vocabulary ?? Vocabulary::standard()))->parse($text);
    }

    /** The one canonical spelling, or that of a school: parsing it gives these beats again. */
    public function toText(?Vocabulary $vocabulary = null): string
    {
        return (new Printer($vocabulary))->print($this);
    }

    /**
     * Its branches as they can be called, each on one line, such as `if not: left knee groin -> folded`. What is done
     * for a taller or a shorter attacker is no surprise, and is not among them.
     *
     * @return list<string>
     */
    public function whatIfs(?Vocabulary $vocabulary = null): array
    {
        $printer = new Printer($vocabulary);
        $prompts = [];
        foreach ($this->line as $beat) {
            foreach (
                array_filter(
                    $beat->branches,
                    static fn (Branch $branch): bool => ! $branch->condition->happening->isOfBodies(),
                ) as $branch
            ) {
                $lines = array_map(trim(...), explode("\n", trim($printer->branch($branch))));
                $prompts[] = rtrim($lines[0].' '.($lines[1] ?? ''));
            }
        }

        return $prompts;
    }

    /** @return list<string> what is called in a drill, beat by beat of the main line */
    public function cues(): array
    {
        return array_values(
            array_filter(array_map(static fn (Beat $beat): ?string => $beat->cue(), $this->line), is_string(...)),
        );
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
                if ($branch->beats !== []) {
                    array_push($titles, ...(new self($branch->beats))->goesTo());
                }
                if ($branch->goesTo() !== null) {
                    $titles[] = $branch->goesTo()->title;
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
                $count += $branch->beats === [] ? 0 : (new self($branch->beats))->count();
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
        return new self(array_map(static fn (Beat $beat): Beat => $beat->mirror(), $this->line), $this->numbers);
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

    /** Without the beat at this place; the others keep their numbers. Null where nothing would be left. */
    public function without(int $position): ?self
    {
        return $this->replaced($position);
    }

    /**
     * With these beats in the place of one, counted from 0: the first has its number, the others `3b`, `3c` after it.
     */
    public function replaced(int $position, Beat ...$beats): ?self
    {
        $line = $numbers = [];
        foreach ($this->line as $at => $beat) {
            foreach ($at === $position ? array_values($beats) : [$beat] as $more => $one) {
                $line[] = $one;
                $numbers[] = $this->number($at).($more === 0 ? '' : chr(ord('a') + min(25, $more)));
            }
        }

        return $line === [] ? null : new self($line, $numbers);
    }

    /** As it is for bodies of which one is taller or shorter: what is written for that stands in place of its beat. */
    public function inPlace(Happening $bodies): self
    {
        $beats = $this;
        for ($position = count($this->line) - 1; $position >= 0; $position--) {
            foreach ($this->line[$position]->branches as $branch) {
                if ($branch->condition->happening === $bodies) {
                    $beats = $beats->replaced($position, ...$branch->beats) ?? $beats;
                }
            }
        }

        return $beats;
    }

    /** Without what-ifs: what stands in place for a taller or a shorter attacker stays. */
    public function mainLine(): self
    {
        return new self(
            array_map(
                static fn (Beat $beat): Beat => $beat->branches === []
                    ? $beat
                    : $beat->withBranches(
                        array_values(
                            array_filter(
                                $beat->branches,
                                static fn (Branch $branch): bool => $branch->condition->happening->isOfBodies(),
                            ),
                        ),
                    ),
                $this->line,
            ),
            $this->numbers,
        );
    }

    /** As it reads for those of a rank, called by any of these words, or for youth. */
    public function readFor(bool $isYouth, string ...$rank): self
    {
        return new self(
            array_map(static fn (Beat $beat): Beat => $beat->readFor($isYouth, ...$rank), $this->line),
            $this->numbers,
        );
    }

    /**
     * For whom one of its beats reads otherwise, those of branches among them.
     *
     * @return list<string> each once
     */
    public function readings(): array
    {
        $words = [];
        foreach ($this->line as $beat) {
            foreach ($beat->readings as $reading) {
                $words[] = $reading->for;
            }
            foreach ($beat->branches as $branch) {
                array_push($words, ...$branch->beats === [] ? [] : (new self($branch->beats))->readings());
            }
        }

        return array_values(array_unique($words));
    }

    /** @return list<Action> of the main line, branches left out */
    public function actions(): array
    {
        return array_merge(...array_map(static fn (Beat $beat): array => $beat->actions, $this->line));
    }
}
