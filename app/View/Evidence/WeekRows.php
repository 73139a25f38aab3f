<?php

declare(strict_types=1);

namespace App\View\Evidence;

use StoneDrill\Core\Proof\Tally;
use StoneDrill\Core\Proof\Week;
use StoneDrill\Core\Proof\Weeks;

/** The reps along time in words: of the school or of a group, the latest week first. */
final readonly class WeekRows
{
    public function __construct(private Weeks $weeks) {}

    /**
     * @return list<array{from: string, week: string, tries: int, people: int, clean: string, alike: string, held: int,
     *     faded: int}>
     */
    public function rows(): array
    {
        return array_map(
            fn (Week $week): array => [
                'from' => $week->from->format('Y-m-d'),
                'week' => __('evidence.weeks.of', ['day' => $week->from->format('j M')]),
                'tries' => $week->tries,
                'people' => $week->people,
                'clean' => self::clean($week),
                'alike' => self::alike($week),
                'held' => count($week->held),
                'faded' => count($week->faded),
            ],
            array_reverse($this->weeks->weeks),
        );
    }

    /** What one more class a week would have kept, in a sentence; empty where nothing faded. */
    public function oneMore(): string
    {
        $more = $this->weeks->oneMore;

        return $more->faded === 0
            ? ''
            : __('evidence.weeks.one-more', [
                'faded' => $more->faded,
                'kept' => $more->kept,
                'tries' => number_format($more->tries, 1),
                'weeks' => Weeks::COUNT,
            ]);
    }

    private static function clean(Week $week): string
    {
        $rungs = array_filter($week->rungs, static fn (array $of): bool => $of['tries'] >= Tally::LEAST);

        return implode(
            ' · ',
            array_map(
                static fn (int $rung, array $of): string => __('evidence.weeks.clean', [
                    'rung' => $rung,
                    'share' => self::percent($of['clean'], $of['tries']),
                    'count' => $of['tries'],
                ]),
                array_keys($rungs),
                $rungs,
            ),
        );
    }

    private static function alike(Week $week): string
    {
        $rungs = array_filter(
            $week->alike,
            static fn (array $of): bool => min($of['tries'], $of['of']) >= Tally::LEAST,
        );

        return implode(
            ' · ',
            array_map(
                static fn (int $rung, array $of): string => __('evidence.weeks.alike', [
                    'rung' => $rung,
                    'was' => self::percent($of['was'], $of['of']),
                    'now' => self::percent($of['clean'], $of['tries']),
                ]),
                array_keys($rungs),
                $rungs,
            ),
        );
    }

    private static function percent(int $part, int $of): string
    {
        return __('words.percent', ['share' => (string) round((100 * $part) / $of)]);
    }
}
