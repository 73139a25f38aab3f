<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Solo;
use App\Models\SoloMark;
use App\Models\Student;
use App\Models\Test;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Solo\Mark;

/** Keeps how students did a basic or a form. Every mark stays; the last one counts. */
final readonly class MarkSolo
{
    /**
     * One student, by what was seen: a form by its beats, of which the least counts.
     *
     * @param list<string>        $mistakes
     * @param array<int, Mark> $beats of a form, by number
     */
    public function one(
        Solo $solo,
        Student $student,
        Mark $mark,
        array $mistakes,
        array $beats,
        User $by,
        ?Test $test = null,
        ?CarbonImmutable $at = null,
    ): SoloMark {
        $short = array_filter($beats, static fn (Mark $one): bool => $one !== Mark::Sound);

        return $solo->marks()->create([
            'school_id' => $solo->school_id,
            'student_id' => $student->id,
            'marked_by_id' => $by->id,
            'test_id' => $test?->id,
            'mark' => $short === [] ? $mark : Mark::least([$mark, ...array_values($short)]),
            'mistakes' => array_values(array_intersect($solo->mistakes, $mistakes)),
            'beats' => array_map(static fn (Mark $one): string => $one->value, $short),
            'at' => $at ?? CarbonImmutable::now(),
        ]);
    }

    /**
     * Several students at once.
     *
     * @param array<int, Mark> $marks by id of the student
     */
    public function many(Solo $solo, array $marks, User $by): void
    {
        DB::transaction(function () use ($solo, $marks, $by): void {
            foreach ($solo->school->students()->findMany(array_keys($marks)) as $student) {
                $this->one($solo, $student, $marks[$student->id], [], [], $by);
            }
        });
    }

    /** Takes a mark back. */
    public function takeBack(SoloMark $mark): void
    {
        DB::transaction(static function () use ($mark): void {
            $mark->delete();
            activity()
                ->performedOn($mark->solo)
                ->event('unmarked')
                ->withProperties([
                    'old' => [
                        'student' => $mark->student_id,
                        'mark' => $mark->mark->value,
                        'at' => $mark->at->format(DATE_ATOM),
                    ],
                ])
                ->log('unmarked');
        });
    }
}
