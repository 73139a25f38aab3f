<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use stdClass;

/** The jobs that people of a school have asked for: those that wait or are worked on, and those that have failed. */
final readonly class SchoolJobs
{
    /** Failed ones that are shown. */
    private const SHOWN = 50;

    /** Letters of what went wrong. */
    private const WHY = 200;

    public function __construct(private School $school) {}

    /** @return array<string, int> what a job carries along, so that it can be told whose it is */
    public static function mark(): array
    {
        return Context::has('school') ? ['school' => (int) Context::get('school')] : [];
    }

    /** How many jobs of a school wait or are worked on. */
    public static function waiting(int $school): int
    {
        return self::of($school, 'jobs')->count();
    }

    /** @return list<array{name: string, since: CarbonImmutable, isAtWork: bool}> the oldest first */
    public function open(): array
    {
        return array_values(
            $this->own('jobs')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (stdClass $row): array => [
                        'name' => self::name($row->payload),
                        'since' => CarbonImmutable::createFromTimestamp($row->reserved_at ?? $row->created_at),
                        'isAtWork' => $row->reserved_at !== null,
                    ],
                )
                ->all(),
        );
    }

    /** @return list<array{id: string, name: string, at: CarbonImmutable, why: string}> the newest first */
    public function failed(): array
    {
        return array_values(
            $this->own('failed_jobs')
                ->orderByDesc('id')
                ->limit(self::SHOWN)
                ->get()
                ->map(
                    static fn (stdClass $row): array => [
                        'id' => $row->uuid,
                        'name' => self::name($row->payload),
                        'at' => CarbonImmutable::parse($row->failed_at, 'UTC'),
                        'why' => Str::limit(Str::before($row->exception, "\n"), self::WHY),
                    ],
                )
                ->all(),
        );
    }

    /** Has a failed one tried again; false where there is none of that id. */
    public function retry(string $id): bool
    {
        return $this->has($id) && Artisan::call('queue:retry', ['id' => [$id]]) === 0;
    }

    /** Gives a failed one up; false where there is none of that id. */
    public function forget(string $id): bool
    {
        return $this->own('failed_jobs')->where('uuid', $id)->delete() === 1;
    }

    private function has(string $id): bool
    {
        return $this->own('failed_jobs')->where('uuid', $id)->exists();
    }

    private function own(string $table): Builder
    {
        return self::of($this->school->id, $table);
    }

    private static function of(int $school, string $table): Builder
    {
        return DB::table($table)->whereRaw("payload::json ->> 'school' = ?", [(string) $school]);
    }

    private static function name(string $payload): string
    {
        $class = class_basename((string) (json_decode($payload, true)['displayName'] ?? ''));

        return texts('jobs.names')[$class] ?? $class;
    }
}
