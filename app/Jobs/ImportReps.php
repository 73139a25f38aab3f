<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\RepsRefused;
use App\Models\School;
use App\Models\User;
use App\View\Drill\RepCsv;
use Illuminate\Support\Facades\Storage;

/** Adds the reps of a CSV file. */
final class ImportReps extends ImportJob
{
    /**
     * What has become of a file: said once.
     *
     * @return array{added: ?int, known: int}|null `added` is null where the school has changed meanwhile; null as long
     *     as it is not over
     */
    public static function tellAdded(string $path): ?array
    {
        $done = self::tellDone($path);

        return $done === null ? null : json_decode($done, true);
    }

    protected function import(School $school, User $user): string
    {
        $sheet = RepCsv::read((string) Storage::get($this->path), $school);
        try {
            $added = $sheet->refused === [] ? $sheet->store($school, $user, $this->tellShare(...)) : null;
        } catch (RepsRefused) {
            $added = null;
        }

        return (string) json_encode(['added' => $added, 'known' => $sheet->known]);
    }
}
