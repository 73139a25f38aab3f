<?php

declare(strict_types=1);

namespace App\Actions;

use App\Jobs\RefreshWindows;
use App\Jobs\Workers;
use App\Models\Rep;
use App\Models\School;
use App\Models\User;
use App\Persistence\Progress;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use StoneDrill\Core\Exchange\IsoMoment;
use StoneDrill\Core\Rules;

/**
 * Adds reps to a school's log, and says of each what became of it. The same rep twice, by its id, is stored once;
 * whatever differs from what the log has is told and changes nothing.
 */
final readonly class RecordReps
{
    /** Two devices can stand in each other's way; the one that gives way tries again. */
    private const ATTEMPTS = 3;

    private const CHUNK = 500;

    /** What is kept where it is said. */
    private const OPTIONAL = ['answer_id', 'touched', 'stressor', 'reason', 'attacker_id', 'class_id', 'attacked_by'];

    /**
     * What a correction has of what it corrects, where it says nothing else: who attacked and in which class does not
     * change.
     */
    private const INHERITED = ['attacker_id', 'attacked_by', 'class_id'];

    public function __construct(private School $school, private ?User $by) {}

    /** @param array<string, mixed> $values as the rules of a rep have found them */
    public function record(array $values): RecordedRep
    {
        return DB::transaction(fn (): RecordedRep => $this->add([$values])[0], self::ATTEMPTS);
    }

    /**
     * All of them or none.
     *
     * @param list<array<string, mixed>> $values a correction after what it corrects
     *
     * @throws RepsRefused when one of them cannot be stored as it is; nothing is stored then
     */
    public function recordAll(array $values, ?Progress $progress = null): void
    {
        DB::transaction(function () use ($values, $progress): void {
            $refused = $this->addAll($values, $progress);
            if ($refused !== []) {
                throw new RepsRefused($refused);
            }
        }, self::ATTEMPTS);
        Workers::queue(new RefreshWindows($this->school->id));
    }

    /**
     * What would stand in the way of {@see recordAll()}; nothing is stored.
     *
     * @param list<array<string, mixed>> $values
     *
     * @return list<RecordedRep>
     */
    public function rehearse(array $values): array
    {
        DB::beginTransaction();
        try {
            return $this->addAll($values);
        } finally {
            DB::rollBack();
        }
    }

    /**
     * @param list<array<string, mixed>> $values
     *
     * @return list<RecordedRep> those that are not stored
     */
    private function addAll(array $values, ?Progress $progress = null): array
    {
        $refused = [];
        foreach (array_chunk($values, self::CHUNK) as $chunk) {
            array_push(
                $refused,
                ...array_filter($this->add($chunk), static fn (RecordedRep $rep): bool => ! $rep->stored),
            );
            $progress?->add(count($chunk));
        }

        return $refused;
    }

    /**
     * @param list<array<string, mixed>> $values
     *
     * @return list<RecordedRep> in the same order
     */
    private function add(array $values): array
    {
        $originals = $this->find(
            array_filter(array_map(static fn (array $one): ?string => self::lower($one['replaces'] ?? null), $values)),
        );
        $inFile = [];
        $found = $rows = [];
        foreach ($values as $place => $one) {
            $row = $this->row($one, $originals);
            $inFile[$row['id']] = $row;
            $original = $row['replaces'] === null
                ? $row
                : ($originals[$row['replaces']] ?? null)?->getAttributes() ?? ($inFile[$row['replaces']] ?? null);
            $found[$place] = match (true) {
                $original === null => RecordedRep::unknown($row['id']),
                ! self::isSameTry($row, $original) => RecordedRep::moved($row['id']),
                default => null,
            };
            if ($found[$place] === null) {
                $rows[$place] = $row;
            }
        }
        if ($rows !== [] && DB::table('reps')->insertOrIgnore(array_values($rows)) < count($rows)) {
            // Some were there already, or another correction was faster: each is looked at.
            $there = $this->find(array_column($rows, 'id'));
            $found = array_replace(
                $found,
                array_map(fn (array $row): RecordedRep => $this->whatBecame($row, $there[$row['id']] ?? null), $rows),
            );
        }

        return array_values(
            array_map(
                static fn (int $place): RecordedRep => $found[$place] ?? RecordedRep::stored($rows[$place]['id']),
                array_keys($values),
            ),
        );
    }

    /** @param array<string, mixed> $row */
    private function whatBecame(array $row, ?Rep $there): RecordedRep
    {
        if ($there !== null) {
            $differences = self::differences($row, $there);

            return $differences === []
                ? RecordedRep::stored($row['id'])
                : RecordedRep::conflict($row['id'], $row['outcome'], $row['rung'], $differences, $there);
        }

        return RecordedRep::corrected(
            $row['id'],
            $this->school->reps()->where('replaces', $row['replaces'])->firstOrFail(),
        );
    }

    /**
     * @param array<string, mixed> $values
     * @param array<string, Rep>   $originals by id
     *
     * @return array<string, mixed> the columns
     */
    private function row(array $values, array $originals): array
    {
        $replaces = self::lower($values['replaces'] ?? null);
        $original = $originals[$replaces ?? ''] ?? null;
        if ($original !== null) {
            $said = array_filter($values, static fn (mixed $value): bool => $value !== null && $value !== '');
            // Somebody else who attacked takes the place of whoever it was.
            $inherited = array_diff(
                self::INHERITED,
                isset($said['attacker_id']) || isset($said['attacked_by']) ? ['attacker_id', 'attacked_by'] : [],
            );
            $values = [...$original->only($inherited), ...$said];
        }

        return [
            'id' => Str::lower($values['id']),
            'school_id' => $this->school->id,
            'student_id' => (int) $values['student_id'],
            'attack_id' => (int) $values['attack_id'],
            'side' => $values['side'],
            'rung' => (int) $values['rung'],
            'outcome' => $values['outcome'],
            // A correction is of the same moment.
            'at' => ($original->at ?? $this->moment($values['at'] ?? null))->format('Y-m-d H:i:sP'),
            'mistakes' => (string) json_encode(array_values($values['mistakes'] ?? []), JSON_UNESCAPED_UNICODE),
            'source' => $values['source'] ?? 'seen',
            'replaces' => $replaces,
            'recorded_by_id' => $this->by?->id,
            'rules' => array_key_exists('rules', $values) ? $values['rules'] : Rules::VERSION,
            'seconds' => isset($values['seconds']) && $values['seconds'] !== '' ? (float) $values['seconds'] : null,
            ...array_combine(
                self::OPTIONAL,
                array_map(
                    static fn (string $column): mixed => ($values[$column] ?? '') === '' ? null : $values[$column],
                    self::OPTIONAL,
                ),
            ),
        ];
    }

    /**
     * In what a rep says something else of a try than the log has of it.
     *
     * @param array<string, mixed> $row
     *
     * @return list<string> columns
     */
    private static function differences(array $row, Rep $there): array
    {
        $said = CarbonImmutable::parse($row['at']);
        $kept = [
            ...$there->only(
                'student_id',
                'attack_id',
                'rung',
                'stressor',
                'replaces',
                'reason',
                'seconds',
                'answer_id',
                'attacker_id',
                'class_id',
                'mistakes',
            ),
            'attacked_by' => $there->attacked_by?->value,
            'side' => $there->side->value,
            'outcome' => $there->outcome->value,
            'touched' => $there->touched?->value,
            'source' => $there->source->value,
            // A form says no moment, and a clock that goes ahead was set back when the rep first came: then it is when
            // it was sent.
            'at' => $said->isSameSecond($there->at) || $said >= $there->recorded_at->startOfSecond()
                ? $row['at']
                : $there->at,
        ];
        $ids = array_map(
            static fn (mixed $id): ?int => $id === null ? null : (int) $id,
            array_intersect_key($row, ['answer_id' => 0, 'attacker_id' => 0, 'class_id' => 0]),
        );
        $row = [...$row, ...$ids, 'mistakes' => json_decode($row['mistakes'], true)];

        return array_keys(
            array_filter(
                $kept,
                static fn (mixed $value, string $column): bool => $value !== $row[$column],
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    /**
     * @param array<string, mixed> $row
     * @param array<string, mixed> $other
     */
    private static function isSameTry(array $row, array $other): bool
    {
        return [$row['student_id'], $row['attack_id'], $row['side']] === [
            $other['student_id'],
            $other['attack_id'],
            $other['side'],
        ];
    }

    /**
     * @param array<array-key, string> $ids
     *
     * @return array<string, Rep> by id
     */
    private function find(array $ids): array
    {
        return $ids === []
            ? []
            : $this->school->reps()->whereKey(array_values(array_unique($ids)))->get()->keyBy('id')->all();
    }

    private static function lower(?string $id): ?string
    {
        return $id === null || $id === '' ? null : Str::lower($id);
    }

    /** When it was, by the clock of whoever recorded it; never later than now, since such a clock goes ahead. */
    private function moment(?string $at): CarbonImmutable
    {
        $now = CarbonImmutable::now();

        $said = $at === null || $at === '' ? null : IsoMoment::read($at, new DateTimeZone($this->school->zone));

        return CarbonImmutable::instance($said ?? $now)
            ->utc()
            ->min($now)
            ->startOfSecond();
    }
}
