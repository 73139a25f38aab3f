<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Jobs\WarmSchool;
use App\Jobs\Workers;
use App\Models\School;
use App\Models\Student;
use App\Persistence\Aside;
use App\Persistence\PersonShelf;
use App\Persistence\Revision;
use App\Persistence\RevisionCache;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Drill\Preparation;

/**
 * What kits say of people, kept until a rep of theirs comes, their own row changes or anything that is taught does.
 * Proof fades, in days: once the hour is over it is read anew, of many people by a job while what was read before
 * stands.
 */
final class KitShelf
{
    /**
     * People beyond which nobody waits for what has faded in the last hours, unless a day has passed, nor for all that
     * takes long to find.
     */
    private const MANY = 60;

    /** Attacks or answers of which it is found while one waits, however many people there are. */
    private const FEW = 20;

    private const DAYS = 7 * 86_400;

    private readonly PersonShelf $people;

    private readonly string $taught;

    /** How many people were asked for. */
    private int $count = 0;

    private bool $isBehind = false;

    /**
     * @param int               $each     what a person may be drilled on at the most
     * @param list<Preparation> $prepared what the ways to coming tests have taught and had drilled
     * @param bool              $waits    whether whoever asks waits until everybody is read as of now
     */
    public function __construct(
        private readonly School $school,
        CarbonImmutable $at,
        int $each,
        array $prepared,
        private readonly bool $waits = false,
    ) {
        $this->taught = Revision::ofCurriculum($school);
        $this->people = new PersonShelf($school, 'kit', "{$this->taught} {$each}", $at, prepared: $prepared);
    }

    /**
     * @param Collection<int, Student> $students
     *
     * @return array<int, array<string, mixed>> what is kept of them, as {@see PersonPack} has it, by the id of the row
     */
    public function of(Collection $students): array
    {
        $this->count = count($students);
        $kept = $this->people->ofDay(
            array_values($students->map(static fn (Student $student): int => $student->id)->all()),
        );
        $fresh = array_filter($kept, fn (array $one): bool => $this->people->isFresh($one[1]));
        if ($this->waits || count($kept) - count($fresh) <= self::MANY || Workers::areAway()) {
            $kept = $fresh;
        } else {
            $this->leave();
        }

        return array_map(static fn (array $one): array => $one[0], $kept);
    }

    /** @param array<int, array<string, mixed>> $people what is new of some who were asked for */
    public function keep(array $people): void
    {
        $this->people->keep($people);
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

        return $missing === []
            ? $kept
            : app(RevisionCache::class)->keepAfterwards(
                $this->shelf($what),
                $this->taught,
                self::DAYS,
                $say($missing) + $kept,
            );
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
        if (
            $this->waits
            || $this->count <= self::MANY
            || count(array_diff_key(array_flip($keys), $known)) <= self::FEW
            || Workers::areAway()
        ) {
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
        Aside::keep(fn () => Workers::queue(new WarmSchool($this->school->id)));
        app(RevisionCache::class)->fallBehind();
    }
}
