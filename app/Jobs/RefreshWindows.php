<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Persistence\WindowBook;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Works out what is kept of reps after many came at once, so that no page has to; of a large school what the Mat and
 * the wall show of them, too.
 */
final class RefreshWindows implements ShouldQueue
{
    use Queueable;

    /** Students whose reps are read at once. */
    private const CHUNK = 100;

    public function __construct(public readonly int $schoolId)
    {
        $this->afterCommit();
    }

    public function handle(CatalogueMapper $mapper): void
    {
        $school = School::query()->whereKey($this->schoolId)->firstOrFail();
        $book = new WindowBook($school, $mapper->curriculum($school));
        foreach ($school->students()->reorder('id')->pluck('id')->chunk(self::CHUNK) as $ids) {
            $book->of(array_values($ids->map(static fn (mixed $id): int => (int) $id)->all()), CarbonImmutable::now());
        }
        if (WarmSchool::isLarge($school)) {
            Workers::queue(new WarmSchool($school->id));
        }
    }
}
