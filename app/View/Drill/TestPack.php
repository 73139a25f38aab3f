<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Models\School;
use App\Models\Solo;
use App\Models\SoloMark;
use App\Models\Student;
use App\Models\Test;
use App\Models\TestItem;
use App\Models\TestMark;
use App\Models\User;
use App\View\Tests\Showings;
use Carbon\CarbonImmutable;

/** The tests around now as a device takes them along, so that an examiner can mark them without a network. */
final readonly class TestPack
{
    /** Hours before its beginning, and after it, in which a test can be marked on the mat. */
    private const BEFORE = 24;

    private const AFTER = 48;

    /** @return list<array<string, mixed>> students are named by the ids of their rows */
    public static function of(School $school, User $examiner, CarbonImmutable $now): array
    {
        $tests = $school
            ->tests()
            ->whereNull('cancelled_at')
            ->whereBetween('at', [$now->subHours(self::AFTER), $now->addHours(self::BEFORE)])
            ->with('rank', 'items.attack', 'solos', 'candidates')
            ->orderBy('at')
            ->get();

        return array_values(
            $tests
                ->map(
                    static fn (Test $test): array => [
                        'id' => $test->id,
                        'title' => __('tests.title', [
                            'rank' => $test->rank->name,
                            'day' => school_time($test->at, 'j M'),
                        ]),
                        'address' => route('mat.marks', $test, absolute: false),
                        'page' => route('tests.show', $test, absolute: false),
                        'items' => array_values(
                            $test->items
                                ->map(
                                    static fn (TestItem $item): array => [
                                        'id' => $item->id,
                                        'title' => $item->title(),
                                        'rung' => $item->rung,
                                        'critical' => $item->attack->critical,
                                    ],
                                )
                                ->all(),
                        ),
                        'solos' => array_values(
                            $test->solos
                                ->map(static fn (Solo $solo): array => ['id' => $solo->id, 'title' => $solo->name])
                                ->all(),
                        ),
                        'candidates' => array_values(
                            $test->candidates
                                ->map(
                                    static fn (Student $student): array => [
                                        'id' => $student->id,
                                        'name' => $student->name,
                                        'showings' => Showings::told($test, $student),
                                    ],
                                )
                                ->all(),
                        ),
                        'soloMarks' => array_values(
                            $test
                                ->soloMarks()
                                ->where('marked_by_id', $examiner->id)
                                ->get()
                                ->map(
                                    static fn (SoloMark $mark): array => [
                                        'solo' => $mark->solo_id,
                                        'student' => $mark->student_id,
                                        'mark' => $mark->mark->value,
                                    ],
                                )
                                ->all(),
                        ),
                        'marks' => array_values(
                            $test
                                ->marks()
                                ->where('examiner_id', $examiner->id)
                                ->where('settles', false)
                                ->get()
                                ->map(
                                    static fn (TestMark $mark): array => [
                                        'item' => $mark->test_item_id,
                                        'student' => $mark->student_id,
                                        'attempt' => $mark->attempt,
                                        'outcome' => $mark->outcome->value,
                                    ],
                                )
                                ->all(),
                        ),
                    ],
                )
                ->all(),
        );
    }
}
