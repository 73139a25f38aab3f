<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\School;
use App\Models\Student;
use App\Models\TrainingClass;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\ProofBook;
use App\View\Drill\Kit;
use App\View\Drill\KitPack;
use App\View\SpokenFor;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Works out what the Mat and the wall show of a school's people before they are asked for: it ages, and is worked out
 * anew each hour.
 */
final class WarmSchool implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** People beyond which whoever asks first would wait for it. */
    private const MANY = 60;

    /** Hours before a class begins and after it has begun. */
    private const AROUND = 2;

    public int $timeout = 120;
    public int $uniqueFor = 120;

    public function __construct(public readonly int $schoolId) {}

    /** @return list<int> ids of the large schools */
    public static function large(): array
    {
        return array_values(self::many()->orderBy('school_id')->pluck('school_id')->all());
    }

    public static function isLarge(School $school): bool
    {
        return self::many()->where('school_id', $school->id)->exists();
    }

    /** @return Builder<Student> */
    private static function many(): Builder
    {
        return Student::query()
            ->select('school_id')
            ->whereNull('erased_at')
            ->groupBy('school_id')
            ->havingRaw('count(*) > ?', [self::MANY]);
    }

    /** @return list<int> ids of the large schools that are in class, or soon will be */
    public static function schools(CarbonImmutable $now): array
    {
        return array_values(
            TrainingClass::query()
                ->whereNull('cancelled_at')
                ->whereBetween('at', [$now->subHours(self::AROUND), $now->addHours(self::AROUND)])
                ->whereIn('school_id', self::many())
                ->distinct()
                ->orderBy('school_id')
                ->pluck('school_id')
                ->all(),
        );
    }

    public function uniqueId(): string
    {
        return (string) $this->schoolId;
    }

    public function handle(CatalogueMapper $mapper, CoverageBook $coverages, ProofBook $proof): void
    {
        $school = School::query()->whereKey($this->schoolId)->firstOrFail();
        $proof->of($school);
        // Whose kit it is is not kept.
        $user = $school->users()->orderBy('id')->first();
        if ($user !== null) {
            SpokenFor::during(
                $school,
                static fn (): array => KitPack::of(
                    $school,
                    $mapper,
                    $coverages,
                    CarbonImmutable::now(),
                    Kit::of($school),
                    true,
                )->toArray($user),
            );
        }
    }
}
