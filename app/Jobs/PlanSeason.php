<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Test;
use App\Persistence\SeasonBook;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Works out the way to a test, beside the page that asks for it. */
final class PlanSeason implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds it may take, and for which no second one is put beside it. */
    public int $timeout = 120;
    public int $uniqueFor = 120;

    public function __construct(public readonly int $testId) {}

    public function uniqueId(): string
    {
        return (string) $this->testId;
    }

    public function handle(SeasonBook $seasons): void
    {
        $seasons->of(Test::query()->whereKey($this->testId)->with('school', 'rank')->firstOrFail());
    }

    public function failed(?Throwable $error): void
    {
        $test = Test::query()->with('school', 'rank')->find($this->testId);
        if ($test instanceof Test) {
            app(SeasonBook::class)->markFailed($test);
        }
    }
}
