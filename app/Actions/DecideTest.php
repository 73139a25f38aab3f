<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Rep;
use App\Models\Student;
use App\Models\Test;
use App\Models\TestItem;
use App\Models\TestMark;
use App\Models\User;
use App\View\Tests\TestSheet;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use StoneDrill\Core\Proof\Source;

/**
 * Decides a test for one candidate by its rule. What was seen becomes reps, each once however often it is decided; who
 * has passed has the rank from that day on.
 */
final readonly class DecideTest
{
    public function __construct(private AwardRank $ranks) {}

    public function decide(Test $test, Student $student, ?CarbonImmutable $retestOn, User $by): TestSheet
    {
        return DB::transaction(function () use ($test, $student, $retestOn, $by): TestSheet {
            Test::query()->whereKey($test->id)->lockForUpdate()->first();
            $sheet = TestSheet::of($test, $student);
            $this->record($sheet, $by);
            $isPassed = $sheet->result->isPassed;
            $test
                ->candidates()
                ->updateExistingPivot($student->id, [
                    'result' => $isPassed ? 'passed' : 'retest',
                    'decided_at' => CarbonImmutable::now(),
                    'retest_on' => $isPassed ? null : $retestOn,
                ]);
            if (
                $isPassed
                && self::isHigher($test, $student)
                && $student->awards()->where('test_id', $test->id)->doesntExist()
            ) {
                // Nobody has a rank from a day to come.
                $this->ranks->award(
                    $student,
                    $test->rank,
                    $test->beginsAt()->min(CarbonImmutable::now($test->school->timeZone()))->startOfDay(),
                    $by,
                    $test,
                );
            }
            activity()
                ->performedOn($test)
                ->event('decided')
                ->withProperties([
                    'attributes' => ['student' => $student->id, 'result' => $isPassed ? 'passed' : 'retest'],
                ])
                ->log('decided');

            return $sheet;
        });
    }

    /** Takes a decision back, and the rank with it; the reps stay, since they were seen. */
    public function takeBack(Test $test, Student $student): void
    {
        DB::transaction(function () use ($test, $student): void {
            $test
                ->candidates()
                ->updateExistingPivot($student->id, ['result' => null, 'decided_at' => null, 'retest_on' => null]);
            foreach ($student->awards()->where('test_id', $test->id)->get() as $award) {
                $this->ranks->takeBack($award, $student);
            }
            activity()
                ->performedOn($test)
                ->event('reopened')
                ->withProperties(['attributes' => ['student' => $student->id]])
                ->log('reopened');
        });
    }

    /** Whoever has the rank, or a higher one, by now keeps it. */
    private static function isHigher(Test $test, Student $student): bool
    {
        return $test->rank->position > $student->rank->position;
    }

    private function record(TestSheet $sheet, User $by): void
    {
        $reps = [];
        foreach ($sheet->test->items as $item) {
            foreach ($sheet->attempts($item) as $attempt) {
                $outcome = $sheet->outcomeOf($item, $attempt);
                $mark = $sheet->marksOf($item, $attempt)->sortByDesc('settles')->first();
                if ($outcome !== null && $mark !== null) {
                    $reps[] = ['outcome' => $outcome->value, ...$this->rep($sheet, $item, $attempt, $mark)];
                }
            }
        }
        $school = $sheet->test->school;
        $kept = $school
            ->reps()
            ->where('student_id', $sheet->student->id)
            ->where('source', Source::Test)
            ->get()
            ->keyBy('id')
            ->all();
        $new = array_filter(array_map(static fn (array $rep): ?array => self::beside($rep, $kept), $reps));
        (new RecordReps($school, $by))->recordAll(array_values($new));
    }

    /**
     * A rep that is there already is corrected where it was decided otherwise, and left alone where it was not.
     *
     * @param array<string, mixed> $rep
     * @param array<string, Rep>   $kept by id
     *
     * @return array<string, mixed>|null
     */
    private static function beside(array $rep, array $kept): ?array
    {
        $standing = $kept[$rep['id']] ?? null;
        while (
            $standing !== null
            && ($later = array_find($kept, static fn (Rep $one): bool => $one->replaces === $standing->id)) !== null
        ) {
            $standing = $later;
        }

        return match (true) {
            $standing === null => $rep,
            $standing->outcome->value === $rep['outcome'] => null,
            default => [
                ...$rep,
                'id' => Uuid::uuid5(
                    Uuid::NAMESPACE_URL,
                    "stone-drill:rep:{$standing->id}:{$rep['outcome']}",
                )->toString(),
                'replaces' => $standing->id,
                'reason' => __('tests.decided-again'),
            ],
        };
    }

    /** @return array<string, mixed> its id is the same whenever it is decided */
    private function rep(TestSheet $sheet, TestItem $item, int $attempt, TestMark $mark): array
    {
        return [
            'id' => Uuid::uuid5(
                Uuid::NAMESPACE_URL,
                "stone-drill:test:{$sheet->test->id}:{$item->id}:{$sheet->student->id}:{$attempt}",
            )->toString(),
            'student_id' => $sheet->student->id,
            'attack_id' => $item->attack_id,
            'side' => $item->side->value,
            'rung' => $item->rung,
            'mistakes' => $mark->mistakes,
            'at' => $mark->at->toIso8601String(),
            'source' => Source::Test->value,
        ];
    }
}
