<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Rep;
use App\Models\School;
use App\Models\Student;
use App\Models\Test;
use App\Models\TrainingClass;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\ClassWishes;
use StoneDrill\Core\Session\Expected;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\PlannedTest;

/** The way from rows of classes and tests to what a catalogue file keeps of them. */
final readonly class ClassMapper
{
    /** @return list<PlannedClass> */
    public static function classes(School $school): array
    {
        $answers = array_values($school->answers->pluck('code')->all());
        $codes = $school->everyone()->pluck('code', 'id')->all();
        $student = static fn (int $id): ?string => $codes[$id] ?? null;

        return array_values(
            $school
                ->classes()
                ->with('present')
                ->orderBy('at')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (TrainingClass $class): PlannedClass => new PlannedClass(
                        $class->code,
                        $class->at,
                        self::facts($class, $answers),
                        $class->place,
                        new Expected(
                            array_values(array_intersect($school->ranks->pluck('code')->all(), $class->ranks)),
                            $class->ages,
                            array_values(array_filter(array_map($student, $class->named))),
                        ),
                        array_values(
                            $class->present->map(static fn (Student $student): string => $student->code)->all(),
                        ),
                        $class->cancelled_at !== null,
                    ),
                )
                ->all(),
        );
    }

    /** @param list<string> $answers codes of those that there are: what is gone is no wish any more */
    private static function facts(TrainingClass $class, array $answers): ClassFacts
    {
        $facts = $class->facts();
        $there = static fn (array $codes): array => array_values(array_intersect($codes, $answers));

        return new ClassFacts(
            $facts->minutes,
            $facts->blocks,
            $facts->places,
            $facts->instructors,
            new ClassWishes(
                $there($facts->wishes->teach),
                $there($facts->wishes->skip),
                $facts->wishes->mixesSizes,
                $facts->wishes->stepsIn,
            ),
            $facts->pads,
            $facts->habits,
        );
    }

    /** @return list<PlannedTest> */
    public static function tests(School $school): array
    {
        return array_values(
            $school
                ->tests()
                ->whereNull('cancelled_at')
                ->with('rank', 'candidates', 'items.attack')
                ->orderBy('at')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (Test $test): PlannedTest => new PlannedTest(
                        $test->code,
                        $test->rank->code,
                        $test->at,
                        array_values(
                            $test->candidates->map(static fn (Student $student): string => $student->code)->all(),
                        ),
                        $test->classes,
                        $test->is_drawn,
                        self::results($test),
                    ),
                )
                ->all(),
        );
    }

    /**
     * Reps of the day of a test that it asked for.
     *
     * @return list<array{student: string, attack: string, side: string, rep: string}>
     */
    private static function results(Test $test): array
    {
        $asked = $test->items->map(static fn ($item): string => "{$item->attack_id} {$item->side->value}")->flip();
        $reps = $test->school
            ->reps()
            ->standing()
            ->where('source', Source::Test)
            ->whereIn('student_id', $test->candidates->modelKeys())
            ->whereBetween('at', [$test->at->subDay(), $test->at->addDay()])
            ->with('student', 'attack')
            ->orderBy('at')
            ->orderBy('id')
            ->get();

        return array_values(
            $reps
                ->filter(static fn (Rep $rep): bool => isset($asked["{$rep->attack_id} {$rep->side->value}"]))
                ->map(
                    static fn (Rep $rep): array => [
                        'student' => $rep->student->code,
                        'attack' => $rep->attack->code,
                        'side' => $rep->side->value,
                        'rep' => $rep->id,
                    ],
                )
                ->all(),
        );
    }
}
