<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Brings rows of a file into a school by their codes, and counts what was added and changed. */
final readonly class RowSync
{
    /** Sections whose rows keep a version and who changed them last. */
    private const VERSIONED = ['attacks', 'answers', 'basics', 'forms'];

    public function __construct(private ImportReport $report) {}

    /**
     * Adds and updates rows by their code.
     *
     * @template T of Model
     *
     * @param HasMany<T, School>         $relation
     * @param list<array<string, mixed>> $rows
     *
     * @return array<string, int> id of the row by code
     */
    public function sync(string $section, HasMany $relation, string $key, array $rows, ?User $by = null): array
    {
        $existing = $relation->get()->keyBy($key);
        $ids = [];
        foreach ($rows as $values) {
            $row = $existing[$values[$key]] ?? $relation->make();
            $row->fill($values);
            $this->report->count($section, $row->exists, $row->isDirty());
            if ($row->isDirty()) {
                if (in_array($section, self::VERSIONED, true)) {
                    $row->fill(['version' => ($row->getOriginal('version') ?? 0) + 1, 'updated_by_id' => $by?->id]);
                }
                $row->save();
            }
            $ids[$values[$key]] = $row->getKey();
        }

        return $ids;
    }
}
