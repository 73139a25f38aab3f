<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\ImportCatalogue;
use App\Models\School;
use App\Models\User;
use App\Persistence\CatalogueUpload;
use App\Persistence\CoverageBook;
use Illuminate\Support\Facades\Storage;

/** Imports a catalogue file, with the pictures and clips that lie beside it in a zip. */
final class ImportFile extends ImportJob
{
    /** @param string $ending of the name it is stored under */
    public function __construct(int $schoolId, int $userId, string $path, public readonly string $ending)
    {
        parent::__construct($schoolId, $userId, $path);
    }

    protected function import(School $school, User $user): string
    {
        $upload = CatalogueUpload::read(Storage::path($this->path), $this->ending);
        app(ImportCatalogue::class)->import($upload->file, $school, $user, $upload->footage, $this->tellShare(...));

        return '';
    }

    protected function prepare(School $school): void
    {
        $coverages = app(CoverageBook::class);
        $coverages->of($school);
        $coverages->forYouth($school);
    }
}
