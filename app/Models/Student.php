<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\HasReps;
use App\Models\Concerns\KeepsLog;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use StoneDrill\Core\Curriculum\Student as CoreStudent;

/**
 * @property int                  $id
 * @property string               $code
 * @property string               $name
 * @property int                  $rank_id
 * @property float|null           $height
 * @property CarbonImmutable|null $born
 * @property list<string>         $flags
 * @property CarbonImmutable|null $erased_at  since when nothing is kept of who it was
 * @property string|null          $consent_by the guardian who has agreed
 * @property CarbonImmutable|null $consent_on
 * @property Rank                 $rank
 * @property \Illuminate\Database\Eloquent\Collection<int, RankAward> $awards
 * @property School $school
 */
final class Student extends Model
{
    use BelongsToSchool {
        resolveRouteBindingQuery as ofSchool;
    }
    use HasReps;
    use KeepsLog;

    /** Whether what bars the student can be read. */
    public function hasReadableFlags(): bool
    {
        return json_decode((string) ($this->getAttributes()['flags'] ?? '[]'), true) === $this->flags;
    }

    /** Whether the student belongs to the youth on a day; one whose day of birth is not known does not. */
    public function isYouth(?CarbonImmutable $on = null): bool
    {
        // As the row has it: it is asked of everybody on a list, and the model's own way to read a day takes most of
        // the time.
        $born = $this->getAttributes()['born'] ?? null;

        return $born !== null
            && (new DateTimeImmutable((string) $born))->modify(sprintf('+%d years', CoreStudent::YOUTH))
                > ($on ?? CarbonImmutable::now());
    }

    /** Rank, age and what is not allowed, in a few words. */
    public function notes(): string
    {
        return implode(
            ' · ',
            array_filter([
                $this->rank->name,
                $this->isYouth() ? __('words.under-16') : '',
                implode(', ', $this->flags),
            ]),
        );
    }

    /** What is not allowed for the student. */
    public function barredText(): string
    {
        return implode(', ', array_map(static fn (string $flag): string => Str::after($flag, 'no-'), $this->flags));
    }

    public function heightText(): string
    {
        return $this->height === null
            ? __('words.not-known')
            : __('words.metres', ['metres' => number_format($this->height, 2)]);
    }

    /**
     * With how many reps each has, and when the last was, without reading any of them.
     *
     * @param Builder<self> $query
     */
    public function scopeWithReps(Builder $query): void
    {
        $query
            ->leftJoin('student_reps', 'student_reps.student_id', '=', 'students.id')
            ->select('students.*', 'student_reps.count', 'student_reps.last_at');
    }

    /** How many reps of any kind, without reading one of them. */
    public function countReps(): int
    {
        return (int) DB::table('student_reps')->where('student_id', $this->id)->value('count');
    }

    /** How many reps, where that was asked for with the student. */
    public function repCount(): int
    {
        return (int) $this->getAttribute('count');
    }

    /** The day of the last rep, where that was asked for with the student. */
    public function lastRepText(): string
    {
        $last = $this->getAttribute('last_at');

        return $last === null ? __('words.never') : (new DateTimeImmutable($last))->format('j M Y');
    }

    protected function casts(): array
    {
        return [
            'height' => 'float',
            'born' => 'immutable_date',
            'consent_on' => 'immutable_date',
            'erased_at' => 'immutable_datetime',
            'flags' => Json::TEXTS,
        ];
    }

    /** @return BelongsTo<Rank, $this> */
    public function rank(): BelongsTo
    {
        return $this->belongsTo(Rank::class);
    }

    /** @return BelongsToMany<User, $this> who look after the student */
    public function guardians(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'guardianships');
    }

    /**
     * Whether an account of the student’s own is allowed, and pictures and clips of the student: under 16 by consent
     * alone.
     */
    public function hasConsent(): bool
    {
        return ! $this->isYouth() || $this->consent_by !== null;
    }

    /**
     * An address leads to nobody who is forgotten.
     *
     * @param Builder<static> $query
     *
     * @return Builder<static>
     */
    public function resolveRouteBindingQuery($query, $value, $field = null)
    {
        return $this->ofSchool($query, $value, $field)->whereNull('erased_at');
    }

    /** @return HasMany<RankAward, $this> the latest first */
    public function awards(): HasMany
    {
        return $this->hasMany(RankAward::class)->orderByDesc('awarded_on')->orderByDesc('id');
    }

    /** @return BelongsToMany<Test, $this> */
    public function tests(): BelongsToMany
    {
        return $this->belongsToMany(Test::class, 'test_candidates')->withPivot('result', 'decided_at', 'retest_on');
    }

    /** @return HasMany<SoloMark, $this> how basics and forms were done, the latest first */
    public function soloMarks(): HasMany
    {
        return $this->hasMany(SoloMark::class)->orderByDesc('at')->orderByDesc('id');
    }

    /** @return HasMany<SoloPractice, $this> when basics and forms were practised at home */
    public function practices(): HasMany
    {
        return $this->hasMany(SoloPractice::class)->orderBy('at');
    }

    /** @return BelongsToMany<Footage, $this> pictures and clips on which the student can be seen */
    public function footage(): BelongsToMany
    {
        return $this->belongsToMany(Footage::class, 'footage_students')->orderBy('id');
    }

    /** @return BelongsToMany<TrainingClass, $this> those that they came to */
    public function classes(): BelongsToMany
    {
        return $this->belongsToMany(TrainingClass::class, 'class_attendance', 'student_id', 'class_id');
    }
}
