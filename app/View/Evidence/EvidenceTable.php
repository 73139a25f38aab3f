<?php

declare(strict_types=1);

namespace App\View\Evidence;

use App\Persistence\Csv;
use RuntimeException;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Proof\AnswerRecord;
use StoneDrill\Core\Proof\SizeRecord;
use StoneDrill\Core\Proof\StudentMove;
use StoneDrill\Core\Proof\Weeks;
use StoneDrill\Core\Report\Disagreement;
use StoneDrill\Core\Report\EvidenceReport;

/** What the reps teach a school, for a spreadsheet: a table a time. */
final readonly class EvidenceTable
{
    public const TABLES = ['answers', 'disagree', 'fits', 'moves', 'weeks', 'partners'];

    public function __construct(private EvidenceReport $report) {}

    /** @param string $table one of TABLES */
    public function csv(string $table): string
    {
        $stream = fopen('php://memory', 'w+b') ?: throw new RuntimeException('No memory for a file.');
        foreach ($this->lines($table) as $line) {
            Csv::line(
                $stream,
                array_map(
                    static fn (string|int|float|null $value): string => is_float($value)
                        ? number_format($value, 4, thousands_separator: '')
                        : (string) $value,
                    $line,
                ),
            );
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** @return list<list<string|int|float|null>> the head first */
    private function lines(string $table): array
    {
        return match ($table) {
            'disagree' => [
                ['answer', 'side', 'rung', 'works', 'n', 'clean', 'beat', 'look'],
                ...array_map(
                    static fn (Disagreement $one): array => [
                        $one->record->answer,
                        $one->record->side->value,
                        $one->record->rung,
                        $one->works ? 'floor' : 'mat',
                        $one->record->tally->count(),
                        $one->record->tally->full,
                        $one->beat,
                        say($one->look),
                    ],
                    $this->report->model->disagree,
                ),
            ],
            'fits' => $this->fits(),
            'moves' => [
                ['student', 'attack', 'side', 'from', 'to', 'mistake'],
                ...array_map(
                    static fn (StudentMove $one): array => [
                        $one->student,
                        ...self::cell($one->cell),
                        $one->move->from,
                        $one->move->to,
                        $one->mistake,
                    ],
                    $this->report->moves,
                ),
            ],
            'weeks' => [
                [
                    'group', 'week', 'tries', 'people', 'rung', 'rung_tries', 'rung_clean', 'alike_tries',
                    'alike_clean', 'alike_was_tries', 'alike_was_clean', 'newly_held', 'faded',
                ],
                ...self::weeks('', $this->report->weeks),
                ...array_merge(
                    ...array_map(
                        self::weeks(...),
                        array_map(strval(...), array_keys($this->report->groups)),
                        array_values($this->report->groups),
                    ),
                ),
            ],
            'partners' => $this->partners(),
            default => $this->answers(),
        };
    }

    /** @return list<list<string|int|float|null>> */
    private function answers(): array
    {
        $lines = [
            [
                'answer', 'side', 'rung', 'attacker', 'n', 'full', 'half', 'none', 'mean', 'low', 'high', 'above_alike',
                'improvised', 'seconds',
            ],
        ];
        foreach ($this->report->answers as $one) {
            $lines[] = [
                $one->answer,
                $one->side->value,
                $one->rung,
                '',
                ...self::figures($one),
                '',
                $one->improvisedShare(),
                $one->seconds,
            ];
        }
        foreach ($this->report->sizes as $one) {
            $lines[] = [
                $one->answer,
                $one->side->value,
                $one->rung,
                $one->size,
                ...self::figures($one),
                $one->above === 0.0 ? null : $one->above,
                '',
                '',
            ];
        }

        return $lines;
    }

    /** @return list<int|float> */
    private static function figures(AnswerRecord|SizeRecord $one): array
    {
        return [
            $one->tally->count(),
            $one->tally->full,
            $one->tally->half,
            $one->tally->none,
            $one->share->mean,
            $one->share->low(),
            $one->share->high(),
        ];
    }

    /** @return list<list<string|int|float|null>> what was fitted, each with its bounds and what is in use */
    private function fits(): array
    {
        [$life, $reaction] = [$this->report->halfLife, $this->report->reaction];

        return [
            ['figure', 'value', 'low', 'high', 'error', 'n', 'in_use'],
            ['half_life', $life?->days, $life?->low, $life?->high, '', $life?->pairs, $this->report->inUse],
            [
                'reaction',
                $reaction?->base,
                '',
                '',
                $reaction?->baseError,
                $reaction?->count,
                $this->report->reactionInUse->base,
            ],
            [
                'reaction_per_bit',
                $reaction?->perBit,
                '',
                '',
                $reaction?->perBitError,
                $reaction?->count,
                $this->report->reactionInUse->perBit,
            ],
        ];
    }

    /** @return list<list<string|int|float|null>> a line for each rung that was tried, or one of a week without tries */
    private static function weeks(string $group, Weeks $weeks): array
    {
        $lines = [];
        foreach ($weeks->weeks as $week) {
            foreach ($week->rungs === [] ? ['' => null] : $week->rungs as $rung => $of) {
                $alike = $week->alike[$rung] ?? null;
                $lines[] = [
                    $group,
                    $week->from->format('Y-m-d'),
                    $week->tries,
                    $week->people,
                    $rung,
                    $of['tries'] ?? null,
                    $of['clean'] ?? null,
                    $alike['tries'] ?? null,
                    $alike['clean'] ?? null,
                    $alike['of'] ?? null,
                    $alike['was'] ?? null,
                    count($week->held),
                    count($week->faded),
                ];
            }
        }

        return $lines;
    }

    /** @return list<list<string|int|float|null>> */
    private function partners(): array
    {
        $lines = [['defender', 'attacker', 'n', 'defender_never_larger']];
        foreach ($this->report->partners->counts as $defender => $own) {
            foreach ($own as $attacker => $count) {
                $lines[] = [
                    (string) $defender,
                    (string) $attacker,
                    $count,
                    in_array((string) $defender, $this->report->partners->neverLarger, true) ? 1 : 0,
                ];
            }
        }

        return $lines;
    }

    /** @return array{string, string} attack and side */
    private static function cell(string $key): array
    {
        $cell = CellKey::read($key);

        return [$cell->attack, $cell->side->value];
    }
}
