<?php

declare(strict_types=1);

namespace App\Actions;

use App\Footage\FootageSource;
use App\Footage\FootageStore;
use App\Footage\FootageType;
use App\Jobs\PrepareFootage;
use App\Jobs\Workers;
use App\Models\Footage;
use App\Models\FootageState;
use App\Models\School;
use App\Models\User;
use App\Persistence\FootageMapper;
use App\Persistence\ImportReport;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Curriculum\Footage as CoreFootage;

/**
 * Brings the pictures and clips beside a file into a school. One that is there already, of the same thing and with the
 * same content, takes what the file says of it; another one is prepared as if somebody had just sent it.
 */
final readonly class ImportFootage
{
    private const COLUMNS = [
        'attack' => 'attack_id',
        'answer' => 'answer_id',
        'basic' => 'solo_id',
        'form' => 'solo_id',
    ];

    public function __construct(private FootageStore $store, private ImportReport $report) {}

    /**
     * @param list<CoreFootage>                 $footage
     * @param array<string, array<string, int>> $ids     of rows, by the word for what they are and by code
     * @param FootageSource|null                $files   null to count only
     */
    public function import(array $footage, School $school, array $ids, ?FootageSource $files, ?User $by): void
    {
        $there = [];
        foreach (FootageMapper::rows($school) as $row) {
            $known = FootageMapper::footage($row);
            $there[self::key($known, $row->sent)] = $there[
                self::key($known, pathinfo($row->path, PATHINFO_FILENAME))
            ] = $row;
        }
        foreach ($footage as $one) {
            $file = $files?->file($one->file);
            $sent = $file === null ? pathinfo($one->file, PATHINFO_FILENAME) : (string) hash_file('sha256', $file);
            $row = $there[self::key($one, $sent)] ?? null;
            $seen = array_values(array_map(static fn (string $code): int => $ids['student'][$code], $one->shows));
            $columns = ['caption' => $one->caption, 'beats_at' => $one->beats->seconds];
            if ($row !== null) {
                $row->fill($columns);
                $differs = $row->isDirty() || collect($seen)->diff($row->students->modelKeys())->isNotEmpty();
                $this->report->count('footage', true, $differs);
                if ($differs) {
                    $row->fill(['version' => $row->version + 1, 'updated_by_id' => $by?->id])->save();
                    $row->students()->syncWithPivotValues($seen, ['school_id' => $school->id]);
                }

                continue;
            }
            $type = $file === null ? null : FootageType::of($file);
            $this->report->count('footage', false, true);
            if ($file !== null && $type !== null) {
                $this->add(
                    $school,
                    [
                        ...$columns,
                        'mistake' => $one->mistake,
                        self::COLUMNS[$one->of->value] => $ids[$one->of->value][$one->id],
                        'type' => $type,
                        'sent' => $sent,
                        'bytes' => filesize($file),
                        'updated_by_id' => $by?->id,
                    ],
                    $file,
                    $seen,
                );
            }
        }
    }

    /**
     * @param array<string, mixed> $columns
     * @param list<int>            $seen    ids of students
     */
    private function add(School $school, array $columns, string $file, array $seen): void
    {
        $row = Footage::query()->create([
            ...$columns,
            'school_id' => $school->id,
            'state' => FootageState::Waiting,
            'path' => $this->store->wait($file, $school->id),
        ]);
        $row->students()->attach($seen, ['school_id' => $school->id]);
        DB::afterCommit(static fn () => Workers::give(new PrepareFootage($row->id)));
    }

    /** @param string $content SHA-256 of what the file holds */
    private static function key(CoreFootage $footage, string $content): string
    {
        return implode("\n", [$footage->of->value, $footage->id, $footage->mistake, $content]);
    }
}
