<?php

declare(strict_types=1);

namespace App\View\Wall;

use App\Models\Answer;
use Illuminate\Support\Collection;
use StoneDrill\Core\Coverage\BasicsIndex;
use StoneDrill\Core\Coverage\IndexedWord;
use StoneDrill\Core\Coverage\Load;
use StoneDrill\Core\Coverage\WordKind;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;

/** What each rank asks, as the rows of a table. */
final readonly class LoadRows
{
    /**
     * @param list<Load>                                   $loads   lowest rank first
     * @param Collection<string, Collection<int, Answer>> $answers by id of the rank
     *
     * @return list<array{name: string, figures: list<string>, answers: list<Answer>, basics: array<string,
     *     list<IndexedWord>>}>
     */
    public static function of(Catalogue $catalogue, array $loads, Collection $answers): array
    {
        $basics = BasicsIndex::of($catalogue);

        return array_map(
            static fn (Rank $rank, Load $load): array => [
                'name' => $rank->name,
                'figures' => self::figures($load),
                'answers' => isset($answers[$rank->id]) ? array_values($answers[$rank->id]->all()) : [],
                'basics' => self::basics($basics, $rank->id),
            ],
            $catalogue->ranks,
            $loads,
        );
    }

    /** @return list<string> */
    private static function figures(Load $load): array
    {
        return [
            (string) $load->beats,
            (string) $load->actions,
            number_format($load->newActions, 1),
            $load->actions === 0 ? '–' : round(100 * (1 - $load->newActions / $load->actions)).' %',
            __('load.bits', ['bits' => number_format($load->choiceBits, 2)]),
        ];
    }

    /** @return array<string, non-empty-list<IndexedWord>> by kind */
    private static function basics(BasicsIndex $basics, string $rank): array
    {
        $byKind = array_fill_keys(array_column(WordKind::cases(), 'value'), []);
        foreach ($basics->at($rank) as $basic) {
            $byKind[$basic->kind->value][] = $basic;
        }

        return array_filter($byKind);
    }
}
