<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Jobs\WarmSchool;
use App\Jobs\Workers;
use App\Models\School;
use App\Models\Student;
use App\Persistence\Revision;
use App\Persistence\RevisionCache;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * What kits say of people, kept until a rep of theirs comes, their own row changes or anything that is taught does. Proof fades, in
 * days: once the hour is over it is read anew, of many people by a job while what was read before stands.
 */
final class KitShelf
{
    /** People of whom it is kept: several kits of a large school. */
    private const MOST = 4 * Kit::MAX;

    /** People beyond which nobody waits for what has faded in the last hours, unless a day has passed, nor for all that takes long to find. */
    private const MANY = 60;

    /** Attacks or answers of which it is found while one waits, however many people there are. */
    private const FEW = 20;
    private const DAY = 86_400;

    private const DAYS = 7 * self::DAY;

    private readonly string $name;

    private readonly string $revision;

    private readonly string $taught;

    /** @var array<int, string> what those who were asked for are at, by the id of the row */
    private array $marks = [];

    private bool $isBehind = false;

    /**
     * @param int  $each what a person may be drilled on at the most
     * @param bool $waits whether whoever asks waits until everybody is read as of now
     */
    public function __construct(private readonly School $school, private readonly CarbonImmutable $at, int $each, private readonly bool $waits = false)
    {
        $this->name = "kit:{$school->id}";
        $this->taught = Revision::ofCurriculum($school);
        $this->revision = "{$this->taught} {$each}";
    }

    /**
     * @param Collection<int, Student> $students
     *
     * @return array<int, array<string, mixed>> what is kept of them, as {@see PersonPack} has it, by the id of the row
     */
    public function of(Collection $students): array
    {
        $this->marks = $this->marks(array_values($students->map(static fn (Student $student): int => $student->id)->all()));
        $kept = array_filter(array_intersect_key($this->kept(), $this->marks), fn (array $one, int $id): bool => $one[0] === $this->marks[$id] && $one[2] > $this->at->getTimestamp() - self::DAY, ARRAY_FILTER_USE_BOTH);
        $fresh = array_filter($kept, fn (array $one): bool => $one[2] >= $this->at->startOfHour()->getTimestamp());
        if ($this->waits || count($kept) - count($fresh) <= self::MANY || Workers::areAway()) {
            $kept = $fresh;
        } else {
            $this->leave();
        }

        return array_map(static fn (array $one): array => $one[1], $kept);
    }

    /** @param array<int, array<string, mixed>> $people what is new of some who were asked for */
    public function keep(array $people): void
    {
        if ($people === []) {
            return;
        }
        $new = [];
        foreach ($people as $id => $person) {
            $new[$id] = [$this->marks[$id], $person, $this->at->getTimestamp()];
        }
        app(RevisionCache::class)->keep($this->name, $this->revision, self::DAY, array_slice($new + $this->kept(), 0, self::MOST, true));
    }

    /**
     * What is said of attacks and answers, kept until anything that is taught changes.
     *
     * @template TKey of array-key
     * @template TValue
     *
     * @param list<TKey>                               $keys
     * @param callable(list<TKey>): array<TKey, TValue> $say of those of which nothing is kept
     *
     * @return array<TKey, TValue>
     */
    public function words(string $what, array $keys, callable $say): array
    {
        /** @var array<TKey, TValue> $kept */
        $kept = $this->said($what);
        $missing = array_values(array_filter($keys, static fn (int|string $key): bool => ! isset($kept[$key])));

        return $missing === [] ? $kept : app(RevisionCache::class)->keep($this->shelf($what), $this->taught, self::DAYS, $say($missing) + $kept);
    }

    /**
     * The same of what takes long to find: of many of them in a kit of many people by a job.
     *
     * @template TKey of array-key
     * @template TValue
     *
     * @param list<TKey>                               $keys
     * @param callable(list<TKey>): array<TKey, TValue> $find of those of which nothing is kept
     *
     * @return array<TKey, TValue> of those that are found
     */
    public function found(string $what, array $keys, callable $find): array
    {
        $known = $this->said($what);
        if ($this->waits || count($this->marks) <= self::MANY || count(array_diff_key(array_flip($keys), $known)) <= self::FEW || Workers::areAway()) {
            return $this->words($what, $keys, $find);
        }
        $this->leave();
        $this->isBehind = true;

        // Where the job was done at once it is found.
        return $this->said($what);
    }

    private function shelf(string $what): string
    {
        return "kit-{$what}:{$this->school->id}";
    }

    /** @return array<array-key, mixed> what is kept of attacks or answers */
    private function said(string $what): array
    {
        return app(RevisionCache::class)->known($this->shelf($what), $this->taught) ?? [];
    }

    /** Whether something that takes long to find is left to a job, and comes with a later kit. */
    public function isBehind(): bool
    {
        return $this->isBehind;
    }

    /** Leaves what there is to do to a job. */
    private function leave(): void
    {
        Workers::queue(new WarmSchool($this->school->id));
        app(RevisionCache::class)->fallBehind();
    }

    /** @return array<int, array{string, array<string, mixed>, int}> mark, person, and when it was read, in seconds */
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
