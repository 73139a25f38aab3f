<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\ImportCatalogue;
use App\Models\School;
use App\Models\User;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;

/** Imports a catalogue file. */
final class ImportFile extends ImportJob
{
    public function __construct(int $schoolId, int $userId, string $path, public readonly Format $format)
    {
        parent::__construct($schoolId, $userId, $path);
    }

    protected function import(string $text, School $school, User $user): string
    {
        app(ImportCatalogue::class)->import((new CatalogueReader())->read($text, $this->format), $school, $user);

        return '';
    }
}
