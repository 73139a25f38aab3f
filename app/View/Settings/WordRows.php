<?php

declare(strict_types=1);

namespace App\View\Settings;

use App\Models\School;
use StoneDrill\Core\Technique\Notation\Vocabulary;

/**
 * A school's own words as rows of a form, each with the word of the notation that it stands for, and a few empty ones.
 */
final readonly class WordRows
{
    /** Empty rows for more. */
    private const EMPTY = 4;

    /** @return list<array{own: string, word: string}> */
    public static function of(School $school): array
    {
        $rows = [];
        foreach ($school->aliases as $group => $words) {
            foreach ($words as $own => $word) {
                $rows[] = ['own' => (string) $own, 'word' => "{$group}:{$word}"];
            }
        }

        return [...$rows, ...array_fill(0, self::EMPTY, ['own' => '', 'word' => ''])];
    }

    /** @return array<string, array<string, string>> words that an own one can stand for, by group */
    public static function choices(): array
    {
        $choices = [];
        foreach (Vocabulary::GROUPS as $group => $enum) {
            foreach ($enum::cases() as $case) {
                $choices[__("settings.words.groups.{$group}")]["{$group}:{$case->value}"] = (string) $case->value;
            }
        }

        return $choices;
    }
}
