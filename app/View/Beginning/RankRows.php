<?php

declare(strict_types=1);

namespace App\View\Beginning;

use App\Models\Rank;
use App\Models\School;
use StoneDrill\Core\Curriculum\Ladder;

/** The ranks of a school as rows of a form: as it has them, as many as are asked for, or by a list of names. */
final readonly class RankRows
{
    public const MAX = 30;

    /** Numbers of ranks to begin with. */
    public const COUNTS = [3, 6, 10];

    /** How many ranks are shown where nothing is chosen yet. */
    private const USUAL = 6;

    /** Most beats of an answer at the lowest rank and at the highest. */
    private const BEATS = [4, 8];

    /** The rung, by its place on the ladder, that the lowest rank should hold. */
    private const FIRST_GOAL = 1;

    /** @param list<array{name: string, max_beats: int|string, goal_rung: int|string}> $rows */
    private function __construct(public array $rows) {}

    public static function of(School $school, Ladder $ladder): self
    {
        $rows = $school->ranks->map(
            static fn (Rank $rank): array => [
                'name' => $rank->name,
                'max_beats' => $rank->max_beats,
                'goal_rung' => $rank->goal_rung,
            ],
        );

        return $rows->isEmpty() ? self::numbered(self::USUAL, $ladder) : new self(array_values($rows->all()));
    }

    /** So many ranks with neutral names. */
    public static function numbered(int $count, Ladder $ladder): self
    {
        return self::named(
            array_map(
                static fn (int $number): string => __('beginning.ranks.neutral', ['number' => $number]),
                range(1, $count),
            ),
            $ladder,
        );
    }

    /** Ranks by a list of names, one a line. */
    public static function pasted(string $list, Ladder $ladder): self
    {
        $names = preg_split('/\R/u', $list, flags: PREG_SPLIT_NO_EMPTY) ?: [];
        $names = array_values(
            array_filter(
                array_map(static fn (string $name): string => mb_substr(trim($name), 0, 200), $names),
                static fn (string $name): bool => $name !== '',
            ),
        );

        return self::named(array_slice($names, 0, self::MAX), $ladder);
    }

    /** @param list<string> $names lowest first */
    private static function named(array $names, Ladder $ladder): self
    {
        $rungs = $ladder->ids();
        $rows = [];
        foreach ($names as $position => $name) {
            $share = count($names) === 1 ? 0.0 : $position / (count($names) - 1);
            $first = min(self::FIRST_GOAL, count($rungs) - 1);
            $rows[] = [
                'name' => $name,
                'max_beats' => (int) round(self::BEATS[0] + $share * (self::BEATS[1] - self::BEATS[0])),
                'goal_rung' => $rungs[$first + (int) round($share * (count($rungs) - 1 - $first))],
            ];
        }

        return new self($rows);
    }
}
