<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\School;
use App\Models\Student;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\ImportReport;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Session\PlannedTest;

/**
 * Brings tests and dated ranks of a file into a school. A test that is there already stays, with what was marked; so
 * does an award.
 */
final readonly class ImportTests
{
    private PlanTest $plan;

    public function __construct(private ImportReport $report)
    {
        $this->plan = new PlanTest(app(CatalogueMapper::class));
    }

    /**
     * @param list<PlannedTest>  $tests
     * @param array<string, int> $students ids of the rows by code
     */
    public function tests(array $tests, School $school, array $students, ?User $by): void
    {
        $there = $school->tests()->pluck('code')->flip();
        $ranks = $school->ranks()->pluck('id', 'code');
        foreach ($tests as $test) {
            $isThere = isset($there[$test->id]);
            $this->report->count('tests', $isThere, false);
            if (! $isThere) {
                $columns = [
                    'code' => $test->id,
                    'rank_id' => $ranks[$test->rank],
                    'at' => CarbonImmutable::instance($test->at)->utc(),
                    'is_drawn' => $test->isDrawn,
                    'classes' => $test->classes,
                ];
                $this->plan->plan(
                    $school->unsetRelations(),
                    $columns,
                    array_map(static fn (string $code): int => $students[$code], $test->candidates),
                    $by,
                );
            }
        }
    }

    /**
     * @param list<CoreStudent>  $students
     * @param array<string, int> $ids of their rows by code
     */
    public function awards(array $students, School $school, array $ids): void
    {
        $ranks = $school->ranks()->pluck('id', 'code');
        foreach (
            array_filter($students, static fn (CoreStudent $student): bool => $student->ranks !== []) as $student
        ) {
            $row = Student::query()->whereKey($ids[$student->id])->firstOrFail();
            foreach ($student->ranks as $award) {
                $row->awards()->firstOrCreate(
                    [
                        'school_id' => $school->id,
                        'rank_id' => $ranks[$award->rank],
                        'awarded_on' => $award->on->format('Y-m-d'),
                    ],
                    ['note' => $award->note],
                );
            }
        }
    }
}
