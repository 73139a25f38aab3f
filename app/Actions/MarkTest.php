<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Test;
use App\Models\TestItem;
use App\Models\TestMark;
use App\Models\User;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Exchange\IsoMoment;

/**
 * Keeps how an examiner saw items of a test. Each marks for themselves; the same again changes nothing, and what was
 * marked last counts.
 */
final readonly class MarkTest
{
    /** @param list<array<string, mixed>> $marks */
    public function mark(Test $test, array $marks, User $by): void
    {
        DB::transaction(static function () use ($test, $marks, $by): void {
            $decided = $test->candidates()->wherePivotNotNull('result')->pluck('result', 'students.id')->all();
            foreach ($marks as $mark) {
                if (self::isClosed($decided[(int) $mark['student']] ?? null, (int) $mark['attempt'])) {
                    continue;
                }
                $at = self::moment($test, $mark);
                $row = TestMark::query()->firstOrNew(
                    [
                        'test_item_id' => (int) $mark['item'],
                        'student_id' => (int) $mark['student'],
                        'attempt' => (int) $mark['attempt'],
                        'settles' => false,
                        'examiner_id' => $by->id,
                    ],
                    ['school_id' => $test->school_id],
                );
                // One that was sent late takes the place of no later one.
                if (! $row->exists || $row->at <= $at) {
                    $row->fill([
                        'outcome' => $mark['outcome'],
                        'mistakes' => array_values($mark['mistakes'] ?? []),
                        'remark' => (string) ($mark['remark'] ?? ''),
                        'at' => $row->exists && $row->at->isSameSecond($at) ? $row->at : $at,
                    ])->save();
                }
            }
        });
    }

    /**
     * How an examiner saw basics and forms: what was marked last counts, the same again changes nothing.
     *
     * @param list<array<string, mixed>> $marks
     */
    public function markSolos(Test $test, array $marks, User $by): void
    {
        DB::transaction(static function () use ($test, $marks, $by): void {
            $decided = $test->candidates()->wherePivotNotNull('result')->pluck('result', 'students.id')->all();
            foreach ($marks as $mark) {
                if (($decided[(int) $mark['student']] ?? null) === 'passed') {
                    continue;
                }
                $row = $test
                    ->soloMarks()
                    ->firstOrNew(
                        [
                            'solo_id' => (int) $mark['solo'],
                            'student_id' => (int) $mark['student'],
                            'marked_by_id' => $by->id,
                        ],
                        ['school_id' => $test->school_id],
                    );
                $at = self::moment($test, $mark);
                if (! $row->exists || ($row->at <= $at && $row->mark->value !== $mark['mark'])) {
                    $row->fill(['mark' => $mark['mark'], 'at' => $at])->save();
                }
            }
        });
    }

    /**
     * When it was seen, and no later than now.
     *
     * @param array<string, mixed> $mark
     */
    private static function moment(Test $test, array $mark): CarbonImmutable
    {
        return CarbonImmutable::instance(
            IsoMoment::read((string) ($mark['at'] ?? ''), new DateTimeZone($test->school->zone))
                ?? CarbonImmutable::now(),
        )
            ->utc()
            ->min(CarbonImmutable::now());
    }

    /** Once it is decided nothing is marked any more, but what is shown a second time. */
    private static function isClosed(?string $result, int $attempt): bool
    {
        return $result === 'passed' || ($result === 'retest' && $attempt === 1);
    }

    /** Says what stands where examiners have seen it differently. */
    public function settle(Test $test, TestItem $item, int $student, int $attempt, string $outcome, User $by): void
    {
        DB::transaction(static function () use ($test, $item, $student, $attempt, $outcome, $by): void {
            $of = ['test_item_id' => $item->id, 'student_id' => $student, 'attempt' => $attempt, 'settles' => true];
            TestMark::query()->where($of)->delete();
            TestMark::query()->create([
                ...$of,
                'school_id' => $test->school_id,
                'examiner_id' => $by->id,
                'outcome' => $outcome,
                'at' => CarbonImmutable::now(),
            ]);
        });
    }
}
