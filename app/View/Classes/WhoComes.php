<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Student;
use App\Models\TrainingClass;
use App\View\Drill\Kit;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Whom a class is planned for: those who came, or who are expected as long as nobody has. */
final readonly class WhoComes
{
    /** @return Collection<int, Student> with their ranks; of more than can be planned for those who were here last */
    public static function to(TrainingClass $class): Collection
    {
        $present = $class->present()->whereNull('erased_at')->with('rank')->get();

        return $present->isNotEmpty() ? $present : self::expected($class)->limit(Kit::MAX)->get('students.*');
    }

    /** Whether more are expected than can be planned for. */
    public static function isMoreThanPlanned(TrainingClass $class): bool
    {
        return $class->present->isEmpty() && self::expected($class)->count() > Kit::MAX;
    }

    /** @return Builder<Student> */
    private static function expected(TrainingClass $class): Builder
    {
        return Kit::lastHere($class->school)->when(
            $class->ranks !== [],
            static fn (Builder $query) => $query->whereRelation(
                'rank',
                static fn ($rank) => $rank->whereIn('code', $class->ranks),
            ),
        );
    }
}
