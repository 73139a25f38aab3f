<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Technique\Notation\AloneParser;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\Printer;
use StoneDrill\Core\Technique\Notation\Vocabulary;

/** Beats that are done alone, in order: turns, counts, cues, and beats of answers that it goes through. */
final readonly class SoloForm
{
    /**
     * @param string                          $rank  id of the rank from which it is asked
     * @param non-empty-list<Beat|GoToAnswer> $parts in order; a {@see GoToAnswer} stands for that answer's main line
     *     from its beat on
     */
    public function __construct(public string $id, public string $title, public string $rank, public array $parts) {}

    /**
     * Reads the parts of a form.
     *
     * @throws NotationException with everything that cannot be read, and where
     * @return non-empty-list<Beat|GoToAnswer>
     */
    public static function parse(string $text, ?Vocabulary $vocabulary = null): array
    {
        return (new AloneParser($vocabulary ?? Vocabulary::standard()))->parse($text);
    }

    /** The one canonical spelling: parsing it gives these parts again. */
    public function toText(): string
    {
        return self::spell($this->parts);
    }

    /**
     * Parts as they are written.
     *
     * @param non-empty-list<Beat|GoToAnswer> $parts
     * @param ?Vocabulary                     $vocabulary a school's; the canonical spelling without
     */
    public static function spell(array $parts, ?Vocabulary $vocabulary = null): string
    {
        $printer = new Printer($vocabulary);

        return implode(
            '',
            array_map(
                static fn (Beat|GoToAnswer $part): string => $part instanceof Beat
                    ? $printer->print(new Beats([$part]))
                    : Printer::goes($part)."\n",
                $parts,
            ),
        );
    }

    /** @return list<string> titles of the answers that it goes through */
    public function goesThrough(): array
    {
        return array_values(
            array_unique(
                array_map(
                    static fn (GoToAnswer $part): string => $part->title,
                    array_filter($this->parts, static fn (Beat|GoToAnswer $part): bool => $part instanceof GoToAnswer),
                ),
            ),
        );
    }

    /**
     * Its beats one by one, with those of answers in their place. What an answer assumes of an attacker, and what is
     * done if it does not come, is left out.
     *
     * @param callable(string): ?Beats $find the beats of an answer by its title; null where there is none
     *
     * @return list<Beat>
     */
    public function beats(callable $find): array
    {
        $beats = [];
        foreach ($this->parts as $part) {
            array_push(
                $beats,
                ...$part instanceof Beat ? [$part] : array_slice($find($part->title)->line ?? [], $part->beat - 1),
            );
        }

        return array_map(static fn (Beat $beat): Beat => $beat->withoutBranches()->withEffects([]), $beats);
    }
}
