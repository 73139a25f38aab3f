<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Coverage\Aspect;
use StoneDrill\Core\Coverage\CrossTable;
use StoneDrill\Core\Coverage\MissingPair;
use StoneDrill\Core\Coverage\MissingPairs;
use StoneDrill\Core\Coverage\Tally;
use StoneDrill\Core\Text;

/** The wall counted by two aspects, and the pairs of values that no attack has. */
final readonly class CrossPage
{
    /** Missing pairs that are shown. */
    private const SHOWN = 40;

    /** Below this share a field looks like a hole. */
    private const LOW = 0.5;

    public function __construct(
        public Aspect $down,
        public Aspect $across,
        public CrossTable $table,
        public MissingPairs $pairs,
    ) {}

    public static function name(Aspect $aspect): string
    {
        return $aspect->id === Aspect::FAMILY ? __('attacks.family-name') : __('attack.facets.'.$aspect->id);
    }

    /** @return array<string, string> names by id */
    public function aspects(): array
    {
        $names = [];
        foreach (Aspect::all() as $aspect) {
            $names[$aspect->id] = self::name($aspect);
        }

        return $names;
    }

    /** @return list<array{text: string, url: string}> what the wall is narrowed to, each with a way back */
    public function chips(WallQuery $query): array
    {
        $chips = [];
        foreach ($query->selection->values as $aspect => $value) {
            $chips[] = [
                'text' => "{$aspect} {$value}",
                'url' => route(
                    'cross',
                    [
                        ...$query->parameters([$aspect => null]),
                        'down' => $this->down->id,
                        'across' => $this->across->id,
                    ],
                    absolute: false,
                ),
            ];
        }

        return $chips;
    }

    /**
     * @return list<array{name: string, isWhole: bool, tallies: list<array{tally: Tally, url: string, share: string,
     *     taught: string, isLow: bool, isWhole: bool}>}>
     */
    public function rows(WallQuery $query): array
    {
        $rows = array_map(
            fn (string $row): array => [
                'name' => $row,
                'isWhole' => false,
                'tallies' => [
                    ...array_map(
                        fn (string $column): array => $this->tally($this->table->at($row, $column), $query, [
                            $this->down->id => $row,
                            $this->across->id => $column,
                        ]),
                        $this->table->across,
                    ),
                    $this->tally($this->table->row($row), $query, [$this->down->id => $row], true),
                ],
            ],
            $this->table->down,
        );
        $all = array_map(
            fn (string $column): array => $this->tally($this->table->column($column), $query, [
                $this->across->id => $column,
            ]),
            $this->table->across,
        );

        return [...$rows, ['name' => __('words.all'), 'isWhole' => true, 'tallies' => $all]];
    }

    /** @return list<array{text: string, attacks: int, kind: string, url: string}> */
    public function firstPairs(): array
    {
        return array_map(
            static fn (MissingPair $pair): array => [
                'text' => implode(
                    ' '.__('words.and').' ',
                    array_map(
                        static fn (string $aspect, string $value): string => "{$aspect} “{$value}”",
                        array_keys($pair->values),
                        $pair->values,
                    ),
                ),
                'attacks' => $pair->attacks,
                'kind' => say($pair->kind->name()),
                'url' => route(
                    'attacks.create',
                    ['kind' => $pair->kind->id, ...$pair->facets->toArray()],
                    absolute: false,
                ),
            ],
            array_slice($this->pairs->missing, 0, self::SHOWN),
        );
    }

    public function morePairs(): int
    {
        return max(0, count($this->pairs->missing) - self::SHOWN);
    }

    /**
     * @param array<string, string> $to values that the wall is narrowed to
     *
     * @return array{tally: Tally, url: string, share: string, taught: string, isLow: bool, isWhole: bool}
     */
    private function tally(Tally $tally, WallQuery $query, array $to, bool $isWhole = false): array
    {
        $share = $tally->share();

        return [
            'tally' => $tally,
            'url' => route('wall', $query->parameters([...$to, 'form' => null]), absolute: false),
            'share' => $share === null ? __('words.not-needed') : self::percent('cross.share', $share),
            'taught' => $share === null ? '' : self::percent('cross.taught', (float) $tally->taughtShare()),
            'isLow' => $share !== null && $share < self::LOW,
            'isWhole' => $isWhole,
        ];
    }

    private static function percent(string $key, float $share): string
    {
        return say(Text::of($key, ['percent' => round(100 * $share)]));
    }
}
