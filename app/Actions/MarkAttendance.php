<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\TrainingClass;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * Marks who came to a class: who is marked already, and what somebody else marks meanwhile, stays. The same twice is
 * once.
 */
final readonly class MarkAttendance
{
    /**
     * @param list<int> $came ids of students
     * @param list<int> $left ids of those who are not there after all
     *
     * @return int how many are there now
     */
    public function mark(TrainingClass $class, array $came, array $left): int
    {
        return DB::transaction(static function () use ($class, $came, $left): int {
            $gone = $class->present()->detach($left);
            $new = $class->present()->syncWithoutDetaching(array_fill_keys($came, ['school_id' => $class->school_id]))[
                'attached'
            ];
            $here = $class->present()->count();
            if ($gone > 0 || $new !== []) {
                // No change of the class itself: whoever edits it meanwhile is not overtaken.
                TrainingClass::query()
                    ->whereKey($class->id)
                    ->toBase()
                    ->update(['marked_at' => CarbonImmutable::now()]);
                activity()
                    ->performedOn($class)
                    ->event('attendance')
                    ->withProperties(['attributes' => ['present' => $here]])
                    ->log('attendance');
            }

            return $here;
        });
    }
}
