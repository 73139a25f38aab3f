<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Student;
use App\Models\TrainingClass;
use App\View\Drill\Kit;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use StoneDrill\Core\Session\Ages;

/** Whom a class is planned for: those who came, or who are expected as long as nobody has. */
final readonly class WhoComes
{
    /** @return Collection<int, Student> with their ranks; of more than can be planned for those who were here last */
    public static function to(TrainingClass $class): Collection
    {
        $present = $class->present()->whereNull('erased_at')->with('rank')->get();

        return $present->isNotEmpty() ? $present : self::expected($class)->limit(Kit::MAX)->get('students.*');
    }

    /** @return Collection<int, Student> the same, the lowest rank first */
    public static function byRank(TrainingClass $class): Collection
    {
        return self::to($class)
            ->sortBy(static fn (Student $student): array => [$student->rank->position, $student->name])
            ->values();
    }

    /** Whether more are expected than can be planned for. */
    public static function isMoreThanPlanned(TrainingClass $class): bool
    {
        return $class->present->isEmpty() && self::expected($class)->count() > Kit::MAX;
    }

    /** @return Builder<Student> */
    private static function expected(TrainingClass $class): Builder
    {
        $ofRank = static fn (Builder $query) => $query->whereRelation(
            'rank',
            static fn ($rank) => $rank->whereIn('code', $class->ranks),
        );
        // Not known to be under 16, one is not.
        $ofAge = static fn (Builder $query) => $query->whereRaw(
            "coalesce(born + interval '16 years' > ?, false) = ?",
            [$class->at->toDateTimeString(), $class->ages === Ages::Youth],
        );

        $ofGroup = static fn (Builder $query) => $query
            ->when($class->ranks !== [], $ofRank)
            ->when($class->ages !== null, $ofAge);

        return Kit::lastHere($class->school)->when(
            ! $class->expected()->isEverybody(),
            static fn (Builder $query) => $query->where(
                static fn (Builder $query) => $query
                    ->whereKey($class->named)
                    ->when($class->expected()->hasGroup(), static fn (Builder $query) => $query->orWhere($ofGroup)),
            ),
        );
    }
}
