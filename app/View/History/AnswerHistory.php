<?php

declare(strict_types=1);

namespace App\View\History;

use App\Models\Answer;
use App\Models\AnswerVersion;
use App\Models\Rank;
use App\Models\School;
use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\DiffOnlyOutputBuilder;

/** Who introduced and changed an answer, and what each version changed. */
final readonly class AnswerHistory
{
    /** The columns that are compared, in the order in which they are told. */
    private const FIELDS = [
        'title', 'label', 'beats', 'rank_id', 'mirrored', 'doctrine', 'short_rank_id', 'short_beats', 'pattern',
        'mistakes', 'waived',
    ];

    /** @param list<HistoryEntry> $entries the newest first */
    private function __construct(public array $entries) {}

    public static function of(Answer $answer, School $school): self
    {
        $ranks = $school->ranks->keyBy('id')->map(static fn (Rank $rank): string => $rank->name)->all();
        $versions = $answer->versions()->with('savedBy')->get()->all();
        $entries = [];
        foreach ($versions as $index => $version) {
            $before = $versions[$index + 1] ?? null;
            $entries[] = new HistoryEntry(
                $version->version,
                $version->savedBy->name ?? __('answers.by-file'),
                $version->saved_at,
                $before === null ? [] : self::changes($before, $version, $ranks),
                $before === null,
                $version->version === $answer->version,
            );
        }

        return new self($entries);
    }

    /**
     * @param array<int, string> $ranks names by id
     *
     * @return list<array{field: string, lines: list<array{sign: string, class: string, text: string}>}>
     */
    private static function changes(AnswerVersion $before, AnswerVersion $after, array $ranks): array
    {
        $changes = [];
        foreach (self::FIELDS as $field) {
            [$old, $new] = [
                self::text($field, $before->content[$field] ?? null, $ranks),
                self::text($field, $after->content[$field] ?? null, $ranks),
            ];
            if ($old !== $new) {
                $changes[] = ['field' => __('answers.fields.'.$field), 'lines' => self::lines($old, $new)];
            }
        }

        return $changes;
    }

    /** @return list<array{sign: string, class: string, text: string}> */
    private static function lines(string $old, string $new): array
    {
        $lines = [];
        foreach ((new Differ(new DiffOnlyOutputBuilder('')))->diffToArray($old."\n", $new."\n") as [$text, $kind]) {
            if (trim((string) $text, "\n") !== '') {
                [$sign, $class] = match ($kind) {
                    Differ::ADDED => ['+', 'added'],
                    Differ::REMOVED => ['−', 'removed'],
                    default => [' ', 'kept'],
                };
                $lines[] = ['sign' => $sign, 'class' => $class, 'text' => rtrim((string) $text, "\n")];
            }
        }

        return $lines;
    }

    /** @param array<int, string> $ranks */
    private static function text(string $field, mixed $value, array $ranks): string
    {
        return match (true) {
            $field === 'rank_id' || $field === 'short_rank_id' => $value === null
                ? ''
                : $ranks[(int) $value] ?? __('answers.rank-gone'),
            is_bool($value) => __($value ? 'words.yes-word' : 'words.no-word'),
            $field === 'mistakes' => implode("\n", (array) $value),
            $field === 'waived' => implode(
                "\n",
                array_map(
                    static fn (array $waiver): string => __('answers.waiver-line', [
                        'check' => $waiver['check'] ?? '',
                        'beat' => $waiver['beat'] ?? __('words.any'),
                        'reason' => $waiver['reason'] ?? '',
                    ]),
                    (array) $value,
                ),
            ),
            $field === 'pattern' => implode(
                "\n",
                array_map(
                    static fn (string $facet, ?array $values): string => $facet
                        .': '
                        .($values === null ? __('words.any') : implode(', ', $values)),
                    array_keys((array) $value),
                    array_values((array) $value),
                ),
            ),
            default => rtrim((string) $value),
        };
    }
}
