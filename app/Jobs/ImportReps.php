<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\RepsRefused;
use App\Models\School;
use App\Models\User;
use App\View\Drill\RepCsv;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;

/** Adds the reps of a file that somebody has looked at and confirmed: all of them or none. */
final class ImportReps implements ShouldBeUnique, ShouldQueue
{
    use Queueable;
    use TellsOfFile;

    public int $timeout = 300;
    public int $uniqueFor = 300;

    /** Once: whoever confirmed it is told, and decides whether to try again. */
    public int $tries = 1;

    public function __construct(public readonly int $schoolId, public readonly int $userId, public readonly string $path) {}

    public function uniqueId(): string
    {
        return $this->path;
    }

    public function handle(): void
    {
        $text = Storage::get($this->path);
        if ($text === null) {
            // Somebody was faster.
            return;
        }
        $school = School::query()->whereKey($this->schoolId)->firstOrFail();
        $sheet = RepCsv::read($text, $school);
        try {
            $added = $sheet->refused === [] ? $sheet->store($school, User::query()->whereKey($this->userId)->firstOrFail()) : null;
        } catch (RepsRefused) {
            $added = null;
        }
        $this->done((string) json_encode(['added' => $added, 'known' => $sheet->known]));
    }

    /**
     * What has become of a file: said once.
     *
     * @return array{added: ?int, known: int}|null `added` is null where the school has changed meanwhile; null as long as it is not over
     */
    public static function tellAdded(string $path): ?array
    {
        $done = self::tellDone($path);

        return $done === null ? null : json_decode($done, true);
    }
}
