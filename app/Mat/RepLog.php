<?php

declare(strict_types=1);

namespace App\Mat;

use App\Models\School;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Adds reps to a school's log. The same one twice, by its id, is added once. */
final readonly class RepLog
{
    /** @var list<string> what is kept where it is said */
    private const OPTIONAL = ['answer_id', 'touched', 'seconds', 'stressor', 'reason'];

    /** Two devices can stand in each other's way; the one that gives way tries again. */
    public const ATTEMPTS = 3;

    public function __construct(private School $school, private User $by) {}

    /**
     * @param array<string, mixed> $values as the rules of a rep have found them
     *
     * @return bool false when somebody else has corrected the same rep meanwhile; nothing is added then
     */
    public function add(array $values): bool
    {
        return DB::transaction(function () use ($values): bool {
            $id = Str::lower($values['id']);
            $replaces = isset($values['replaces']) ? Str::lower($values['replaces']) : null;
            if ($replaces !== null && $this->school->reps()->where('replaces', $replaces)->where('id', '!=', $id)->exists()) {
                return false;
            }
            $replaced = $replaces === null ? null : $this->school->reps()->findOrFail($replaces);
            DB::table('reps')->insertOrIgnore([
                'id' => $id,
                'school_id' => $this->school->id,
                'student_id' => $values['student_id'],
                'attack_id' => $values['attack_id'],
                'side' => $values['side'],
                'rung' => $values['rung'],
                'outcome' => $values['outcome'],
                'at' => $replaced->at ?? $this->moment($values['at'] ?? null),
                'faults' => json_encode(array_values($values['faults'] ?? []), JSON_UNESCAPED_UNICODE),
                'replaces' => $replaced?->id,
                'recorded_by_id' => $this->by->id,
                ...array_combine(self::OPTIONAL, array_map(static fn (string $column): mixed => $values[$column] ?? null, self::OPTIONAL)),
            ]);

            return true;
        }, self::ATTEMPTS);
    }

    /** When it was, by the clock of whoever recorded it; never later than now, since such a clock goes ahead. */
    private function moment(?string $at): CarbonImmutable
    {
        $now = CarbonImmutable::now();

        return $at === null ? $now : CarbonImmutable::parse($at)->utc()->min($now);
    }
}
