<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\School;
use App\Models\User;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Imports a stored file that somebody has looked at and confirmed: all of it or nothing. */
abstract class ImportJob implements ShouldBeUnique, ShouldQueue
{
    use Queueable;
    use TellsOfFile;

    public int $timeout = 300;
    public int $uniqueFor = 300;

    /** Once: whoever confirmed it is told, and decides whether to try again. */
    public int $tries = 1;

    /** Not readonly: whoever takes it from the queue fills these in the scope of the class below. */
    public function __construct(public int $schoolId, public int $userId, public string $path) {}

    public function handle(): void
    {
        if (! Storage::exists($this->path)) {
            // Somebody was faster.
            return;
        }
        $school = School::query()->whereKey($this->schoolId)->firstOrFail();
        $said = $this->import($school, User::query()->whereKey($this->userId)->firstOrFail());
        // What the database knows of its tables is of before.
        DB::statement('analyze');
        $this->prepare($school->refresh());
        $this->done($said);
    }

    /** Works out what the first who looks would wait for. */
    protected function prepare(School $school): void {}

    /** @return string what `tellDone()` says of it */
    abstract protected function import(School $school, User $user): string;
}
