<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Answer;
use App\Models\AnswerVersion;
use App\Models\Rank;
use App\Models\School;
use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\DiffOnlyOutputBuilder;

/** Who introduced and changed an answer, and what each version changed. */
final readonly class AnswerHistory
{
    private const FIELDS = [
        'title' => 'title', 'label' => 'number or letter', 'beats' => 'beats', 'rank_id' => 'introduced at', 'mirrored' => 'both sides taught', 'doctrine' => 'doctrine',
        'short_rank_id' => 'short form from', 'short_beats' => 'short form, first beats', 'pattern' => 'what else it answers', 'faults' => 'usual mistakes', 'waived' => 'accepted findings',
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
                $version->savedBy->name ?? 'a catalogue file',
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
     * @return list<array{field: string, lines: list<array{sign: string, text: string}>}>
     */
    private static function changes(AnswerVersion $before, AnswerVersion $after, array $ranks): array
    {
        $changes = [];
        foreach (self::FIELDS as $field => $name) {
            [$old, $new] = [self::text($field, $before->content[$field] ?? null, $ranks), self::text($field, $after->content[$field] ?? null, $ranks)];
            if ($old !== $new) {
                $changes[] = ['field' => $name, 'lines' => self::lines($old, $new)];
            }
        }

        return $changes;
    }

    /** @return list<array{sign: string, text: string}> */
    private static function lines(string $old, string $new): array
    {
        $lines = [];
        foreach ((new Differ(new DiffOnlyOutputBuilder('')))->diffToArray($old."\n", $new."\n") as [$text, $kind]) {
            if (trim((string) $text, "\n") !== '') {
                $lines[] = ['sign' => match ($kind) {
                    Differ::ADDED => '+',
                    Differ::REMOVED => '−',
                    default => ' ',
                }, 'text' => rtrim((string) $text, "\n")];
            }
        }

        return $lines;
    }

    /** @param array<int, string> $ranks */
    private static function text(string $field, mixed $value, array $ranks): string
    {
        return match (true) {
            $field === 'rank_id' || $field === 'short_rank_id' => $value === null ? '' : $ranks[(int) $value] ?? 'a rank that is gone',
            is_bool($value) => $value ? 'yes' : 'no',
            $field === 'faults' => implode("\n", (array) $value),
            $field === 'waived' => implode("\n", array_map(static fn (array $waiver): string => trim(sprintf('%s at beat %s: %s', $waiver['check'] ?? '', $waiver['beat'] ?? 'any', $waiver['reason'] ?? '')), (array) $value)),
            $field === 'pattern' => implode("\n", array_map(static fn (string $facet, ?array $values): string => $facet.': '.($values === null ? 'any' : implode(', ', $values)), array_keys((array) $value), array_values((array) $value))),
            default => rtrim((string) $value),
        };
    }
}
