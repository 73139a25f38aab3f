<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Footage\CatalogueZip;
use App\Footage\FootageStore;
use App\Models\Footage;
use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Persistence\FootageMapper;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;

/** Puts everything a school has into one zip: its catalogue file, and the pictures and clips beside it. */
final class MakeZip implements ShouldBeUnique, ShouldQueue
{
    use Queueable;
    use TellsOfFile;

    public int $timeout = 290;
    public int $uniqueFor = 290;

    /** @param string $path where it is put */
    public function __construct(public readonly int $schoolId, public readonly string $path) {}

    public function handle(CatalogueMapper $mapper, FootageStore $store): void
    {
        $school = School::query()->whereKey($this->schoolId)->firstOrFail();
        $rows = FootageMapper::rows($school);
        $files = $rows
            ->mapWithKeys(static fn (Footage $row): array => [basename($row->path) => $store->local($row->path)])
            ->filter();
        $text = (new CatalogueWriter())->write(
            FootageMapper::in(
                $mapper->everything($school),
                $rows->filter(static fn (Footage $row): bool => $files->has(basename($row->path))),
            ),
            Format::Yaml,
        );
        $part = Storage::path($this->path.'.part');
        File::ensureDirectoryExists(dirname($part));
        CatalogueZip::write($part, $text, $files->all(), $this->tellShare(...));
        rename($part, Storage::path($this->path));
        $this->forgetShare();
    }
}
