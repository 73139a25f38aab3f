<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\School;
use App\Persistence\HoleBook;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Works out every hole of a school, beside the page that asks for them. */
final class FindHoles implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds it may take, and for which no second one is put beside it. */
    public int $timeout = 300;
    public int $uniqueFor = 300;

    public function __construct(public readonly int $schoolId) {}

    public function uniqueId(): string
    {
        return (string) $this->schoolId;
    }

    public function handle(HoleBook $holes): void
    {
        $holes->of(School::query()->whereKey($this->schoolId)->firstOrFail());
    }

    public function failed(?Throwable $error): void
    {
        $school = School::query()->find($this->schoolId);
        if ($school instanceof School) {
            app(HoleBook::class)->markFailed($school);
        }
    }
}
