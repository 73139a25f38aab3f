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
    use LeavesFailure;
    use Queueable;

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
        Storage::put(self::donePath($this->path), '');
        Storage::delete($this->path);
    }

    /** Whether a file is imported: said once. */
    public static function tellDone(string $path): bool
    {
        return Storage::exists(self::donePath($path)) && Storage::delete(self::donePath($path));
    }

    private static function donePath(string $path): string
    {
        return $path.'.done';
    }
}
