<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;
use StoneDrill\Core\Drill\Preparation;

/**
 * What is told of people, one by one: kept until a rep of theirs comes, their own row changes or what it is told by
 * does. Proof fades, in days: what was told in an hour that is over may be told anew.
 */
final class PersonShelf
{
    /** People of whom it is kept. */
    private const MOST = 480;

    private const DAY = 86_400;

    /** @var array<int, string> what those who were asked for are at, by the id of the row */
    private array $marks = [];

    /**
     * @param string            $revision of what it is told by
     * @param ?CarbonImmutable  $until    reps until then are told of; all of them without
     * @param list<Preparation> $prepared what the ways to tests have taught and had drilled
     */
    public function __construct(
        private readonly School $school,
        private readonly string $what,
        private readonly string $revision,
        private readonly CarbonImmutable $at,
        private readonly ?CarbonImmutable $until = null,
        private readonly array $prepared = [],
    ) {}

    /**
     * @param list<int> $ids of their rows
     *
     * @return array<int, array{mixed, int}> what is kept of them, and when it was told, in seconds; by the id of the
     *     row
     */
    public function ofDay(array $ids): array
    {
        $this->marks = $this->marks($ids);
        $kept = array_intersect_key($this->kept(), $this->marks);
        $kept = array_filter(
            $kept,
            fn (array $one, int $id): bool => $one[0] === $this->marks[$id]
                && $one[2] > $this->at->getTimestamp() - self::DAY,
            ARRAY_FILTER_USE_BOTH,
        );

        return array_map(static fn (array $one): array => [$one[1], $one[2]], $kept);
    }

    /** Whether it was told in this hour. */
    public function isFresh(int $told): bool
    {
        return $told >= $this->at->startOfHour()->getTimestamp();
    }

    /**
     * Of each: what was told in this hour, or what is told now.
     *
     * @template T
     *
     * @param list<int>                          $ids  of their rows
     * @param callable(list<int>): array<int, T> $tell of those of whom nothing is kept
     *
     * @return array<int, T> by the id of the row, in the order in which they are asked for
     */
    public function of(array $ids, callable $tell): array
    {
        $fresh = array_filter($this->ofDay($ids), fn (array $one): bool => $this->isFresh($one[1]));
        $new = array_values(array_diff($ids, array_keys($fresh)));
        $told = $new === [] ? [] : $tell($new);
        $this->keep($told);

        return array_replace(array_flip($ids), array_map(static fn (array $one): mixed => $one[0], $fresh), $told);
    }

    /** @param array<int, mixed> $people what is new of some who were asked for, by the id of the row */
    public function keep(array $people): void
    {
        // Whoever was forgotten meanwhile is not kept.
        $new = [];
        foreach (array_intersect_key($people, $this->marks) as $id => $person) {
            $new[$id] = [$this->marks[$id], $person, $this->at->getTimestamp()];
        }
        if ($new === []) {
            return;
        }
        app(RevisionCache::class)->keepAfterwards(
            $this->name(),
            $this->revision,
            self::DAY,
            array_slice($new + $this->kept(), 0, self::MOST, true),
        );
    }

    /** @return array<int, array{string, mixed, int}> mark, what is told, and when, in seconds */
    private function kept(): array
    {
        return app(RevisionCache::class)->known($this->name(), $this->revision) ?? [];
    }

    private function name(): string
    {
        return "{$this->what}:{$this->school->id}";
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, string>
     */
    private function marks(array $ids): array
    {
        $rows = DB::select(
            <<<'SQL'
            select s.id, s.code, s.xmin::text || s.ctid::text || ' ' || w.count || ' ' || w.turns || ' '
                || (select count(*) from reps r where r.school_id = s.school_id and r.student_id = s.id and r.at > ?)
                as mark
            from students s cross join lateral (select count(*), coalesce(sum(turns), 0) as turns from proof_windows
                where school_id = s.school_id and student_id = s.id) w
            where s.school_id = ? and s.id = any(?::bigint[])
            SQL
            ,
            [$this->until?->format('Y-m-d H:i:sP') ?? 'infinity', $this->school->id, '{'.implode(',', $ids).'}'],
        );

        return array_map(
            fn (stdClass $row): string => $row->mark.$this->prepares($row->code),
            array_column($rows, null, 'id'),
        );
    }

    /** What a student is prepared for, as far as it is told by that. */
    private function prepares(string $student): string
    {
        $own = array_map(
            static fn (Preparation $way): array => [$way->rank, $way->answers, $way->drills[$student] ?? []],
            array_filter($this->prepared, static fn (Preparation $way): bool => $way->isFor($student)),
        );

        return $own === [] ? '' : ' '.hash('xxh128', serialize($own));
    }
}
