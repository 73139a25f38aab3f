<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\ImportCatalogue;
use App\Models\School;
use App\Models\User;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;

/** Imports a catalogue file that somebody has looked at and confirmed: all of it or nothing. */
final class ImportFile implements ShouldBeUnique, ShouldQueue
{
    use Queueable;
    use TellsOfFile;

    public int $timeout = 300;
    public int $uniqueFor = 300;

    /** Once: whoever confirmed it is told, and decides whether to try again. */
    public int $tries = 1;

    public function __construct(public readonly int $schoolId, public readonly int $userId, public readonly string $path, public readonly Format $format) {}

    public function uniqueId(): string
    {
        return $this->path;
    }

    public function handle(ImportCatalogue $importer): void
    {
        $text = Storage::get($this->path);
        if ($text === null) {
            // Somebody was faster.
            return;
        }
        $school = School::query()->whereKey($this->schoolId)->firstOrFail();
        $importer->import((new CatalogueReader())->read($text, $this->format), $school, User::query()->whereKey($this->userId)->firstOrFail());
        $this->done();
    }
}
