<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Models\School;
use App\Models\Student;
use App\Persistence\Revision;
use App\Persistence\RevisionCache;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * What kits say of people, kept until a rep of theirs comes, their own row changes, anything that is taught does, or the hour is
 * over: proof fades, in days.
 */
final class KitShelf
{
    /** People of whom it is kept: several kits of a large school. */
    private const MOST = 4 * Kit::MAX;

    private const SECONDS = 3_600;

    private const DAYS = 7 * 86_400;

    private readonly string $name;

    private readonly string $revision;

    private readonly string $taught;

    /** @var array<int, string> what those who were asked for are at, by the id of the row */
    private array $marks = [];

    /** @param int $each what a person may be drilled on at the most */
    public function __construct(private readonly School $school, CarbonImmutable $at, int $each)
    {
        $this->name = "kit:{$school->id}";
        $this->taught = Revision::ofCurriculum($school);
        $this->revision = "{$this->taught} {$at->format('YmdH')} {$each}";
    }

    /**
     * @param Collection<int, Student> $students
     *
     * @return array<int, array<string, mixed>> what is kept of them, as {@see PersonPack} has it, by the id of the row
     */
    public function of(Collection $students): array
    {
        $this->marks = $this->marks(array_values($students->map(static fn (Student $student): int => $student->id)->all()));
        $kept = array_intersect_key($this->kept(), $this->marks);

        return array_map(static fn (array $one): array => $one[1], array_filter($kept, fn (array $one, int $id): bool => $one[0] === $this->marks[$id], ARRAY_FILTER_USE_BOTH));
    }

    /** @param array<int, array<string, mixed>> $people what is new of some who were asked for */
    public function keep(array $people): void
    {
        if ($people === []) {
            return;
        }
        $new = [];
        foreach ($people as $id => $person) {
            $new[$id] = [$this->marks[$id], $person];
        }
        app(RevisionCache::class)->keep($this->name, $this->revision, self::SECONDS, array_slice($new + $this->kept(), 0, self::MOST, true));
    }

    /**
     * What is said of attacks and answers, kept until anything that is taught changes.
     *
     * @template TKey of array-key
     *
     * @param list<TKey>                                             $keys
     * @param callable(list<TKey>): array<TKey, array<string, mixed>> $say of those of which nothing is kept
     *
     * @return array<TKey, array<string, mixed>>
     */
    public function words(string $what, array $keys, callable $say): array
    {
        $name = "kit-{$what}:{$this->school->id}";
        $kept = app(RevisionCache::class)->known($name, $this->taught) ?? [];
        $missing = array_values(array_filter($keys, static fn (int|string $key): bool => ! isset($kept[$key])));

        return $missing === [] ? $kept : app(RevisionCache::class)->keep($name, $this->taught, self::DAYS, $say($missing) + $kept);
    }

    /** @return array<int, array{string, array<string, mixed>}> mark and person */
    private function kept(): array
    {
        return app(RevisionCache::class)->known($this->name, $this->revision) ?? [];
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, string>
     */
    private function marks(array $ids): array
    {
        $rows = DB::select(<<<'SQL'
            select s.id, s.xmin::text || s.ctid::text || ' ' || w.count || ' ' || w.turns as mark
            from students s cross join lateral (select count(*), coalesce(sum(turns), 0) as turns from proof_windows where school_id = s.school_id and student_id = s.id) w
            where s.school_id = ? and s.id = any(?::bigint[])
            SQL, [$this->school->id, '{'.implode(',', $ids).'}']);

        return array_column($rows, 'mark', 'id');
    }
}
