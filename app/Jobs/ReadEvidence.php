<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\School;
use App\Persistence\EvidenceBook;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Reads what the many reps of a school teach, beside the page that asks for it. */
final class ReadEvidence implements ShouldBeUnique, ShouldQueue
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

    public function handle(EvidenceBook $book): void
    {
        $book->of(School::query()->whereKey($this->schoolId)->firstOrFail());
    }
}
