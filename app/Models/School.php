<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\KeepsLog;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use StoneDrill\Core\Curriculum\AnswerStandard;
use StoneDrill\Core\Curriculum\Credits;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Curriculum\ProofStandard;
use StoneDrill\Core\Curriculum\Reaction;
use StoneDrill\Core\Curriculum\TestStandard;

/**
 * @property int                                  $id
 * @property string                               $name
 * @property string                               $doctrine
 * @property string                               $leaving       whether its answers end out of reach
 * @property string                               $bearings
 * @property string                               $typical
 * @property string                               $zone         name of a time zone
 * @property float                                $share
 * @property float                                $credit_arm    for a try in which the student was touched on the arm
 * @property float                                $credit_body   and on the body
 * @property float                                $credit_recovered and in which the student failed and went on
 * @property float                                $test_pass     percent of all credit with which a test is passed
 * @property float                                $test_ready    percent of chance to pass from which somebody is ready
 * @property int                                  $test_repeats  how often an item may be shown again
 * @property float                                $half_life     days after which a rep weighs half
 * @property float                                $reaction_base seconds to react to what is sure to come
 * @property float                                $reaction_per_bit and for each bit of choice
 * @property array<string, float>                 $sizes
 * @property array<string, float>                 $effect_times seconds that effects last, by effect
 * @property array<string, float>                 $hole_factors
 * @property array<string, mixed>                 $class_habits how it divides its classes, where it is not as usual
 * @property list<array<string, mixed>>|null      $policy
 * @property array<string, array<string, string>> $aliases
 * @property array<string, array{one: string, many: string}> $nouns what it calls an attack, an answer, a rank and a
 *     rung
 * @property array<string, list<string>>          $scope         values of facets that it looks for, by facet
 * @property bool                                 $heads_need_totp whether its heads need a second factor
 * @property SetupStep|null                       $setup        what it is asked next; null once it is set up
 */
final class School extends Model
{
    use KeepsLog;

    protected $attributes = [
        'zone' => 'UTC', 'leaving' => Leaving::Always->value, 'setup' => null, 'heads_need_totp' => false,
        'half_life' => ProofStandard::HALF_LIFE,
        'credit_arm' => Credits::USUAL, 'credit_body' => Credits::USUAL, 'credit_recovered' => Credits::USUAL,
        'latest' => ProofStandard::LATEST, 'turning' => AnswerStandard::TURNING, 'force' => '{}',
        'test_untried' => '{}',
        'effect_times' => '{}', 'class_habits' => '{}',
        'test_pass' => 80, 'test_ready' => 85, 'test_repeats' => TestStandard::REPEATS,
        'reaction_base' => Reaction::BASE, 'reaction_per_bit' => Reaction::PER_BIT, 'nouns' => '{}', 'scope' => '{}',
    ];

    protected function casts(): array
    {
        return [
            'share' => 'float', 'half_life' => 'float', 'credit_arm' => 'float', 'credit_body' => 'float',
            'credit_recovered' => 'float', 'test_pass' => 'float', 'test_ready' => 'float', 'test_repeats' => 'integer',
            'reaction_base' => 'float', 'reaction_per_bit' => 'float', 'nouns' => Json::MAP, 'scope' => Json::MAP,
            'latest' => 'integer', 'turning' => 'float', 'force' => Json::MAP, 'test_untried' => Json::MAP,
            'tolerance' => 'float', 'sizes' => Json::MAP, 'effect_times' => Json::MAP, 'class_habits' => Json::MAP, 'hole_factors' => Json::MAP, 'policy' => Json::MAPS,
            'aliases' => Json::MAP, 'setup' => SetupStep::class, 'heads_need_totp' => 'boolean',
        ];
    }

    /** Where its clocks are; UTC where that cannot be read. */
    public function timeZone(): DateTimeZone
    {
        // Asked for each moment that a page tells, and looked up among six hundred.
        static $zones = [];

        return $zones[$this->zone] ??= new DateTimeZone(
            in_array($this->zone, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true) ? $this->zone : 'UTC',
        );
    }

    /** Monday of the week by its clocks. */
    public function weekOf(CarbonImmutable $moment): CarbonImmutable
    {
        return $moment->setTimezone($this->timeZone())->startOfWeek(CarbonImmutable::MONDAY);
    }

    /** Whether its head is still to be asked how it works. */
    public function isBeginning(): bool
    {
        return $this->setup?->isAsked() ?? false;
    }

    /** One step of its setup is done; a step that is done again does not lead back. */
    public function finish(SetupStep $step): void
    {
        if ($this->setup !== null && $step->isOpenAt($this->setup)) {
            $this->update(['setup' => $step->next()->isOpenAt($this->setup) ? $this->setup : $step->next()]);
        }
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class)->orderByDesc('id');
    }

    /** @return HasMany<Tablet, $this> */
    public function tablets(): HasMany
    {
        return $this->hasMany(Tablet::class)->orderBy('name');
    }

    /** @return HasMany<OutboxMail, $this> the newest first */
    public function outbox(): HasMany
    {
        return $this->hasMany(OutboxMail::class)->orderByDesc('id');
    }

    /** @return HasMany<LogEntry, $this> the newest first */
    public function log(): HasMany
    {
        return $this->hasMany(LogEntry::class)->orderByDesc('id');
    }

    /** @return HasMany<Rank, $this> lowest first */
    public function ranks(): HasMany
    {
        return $this->hasMany(Rank::class)->orderBy('position');
    }

    /**
     * Gives students of the school the ranks that are at hand, instead of reading them once more.
     *
     * @param Collection<int, Student> $students
     *
     * @return Collection<int, Student>
     */
    public function withRanks(Collection $students): Collection
    {
        $ranks = $this->ranks->keyBy('id');

        return $students->each(
            static fn (Student $student): Student => $student->setRelation('rank', $ranks[$student->rank_id]),
        );
    }

    /** @return HasMany<Rung, $this> lowest first */
    public function rungs(): HasMany
    {
        return $this->hasMany(Rung::class)->orderBy('number');
    }

    /** @return HasMany<Kind, $this> */
    public function kinds(): HasMany
    {
        return $this->hasMany(Kind::class)->orderBy('id');
    }

    /** @return HasMany<Attack, $this> */
    public function attacks(): HasMany
    {
        return $this->hasMany(Attack::class)->orderBy('id');
    }

    /** @return array<string, int> ids of all attacks by code, without reading what else is in their rows */
    public function attackIds(): array
    {
        return once(fn (): array => $this->attacks()->toBase()->pluck('id', 'code')->all());
    }

    /** @return array<string, int> of all answers by code */
    public function answerIds(): array
    {
        return once(fn (): array => $this->answers()->toBase()->pluck('id', 'code')->all());
    }

    /** @return HasMany<Answer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(Answer::class)->orderBy('id');
    }

    /** @return HasMany<DrillList, $this> */
    public function drillLists(): HasMany
    {
        return $this->hasMany(DrillList::class)->orderBy('name');
    }

    /** @return HasMany<TrainingClass, $this> */
    public function classes(): HasMany
    {
        return $this->hasMany(TrainingClass::class)->chaperone();
    }

    /** @return HasMany<Test, $this> */
    public function tests(): HasMany
    {
        return $this->hasMany(Test::class)->chaperone();
    }

    /** @return HasMany<Solo, $this> what is practised alone: basics and forms */
    public function solos(): HasMany
    {
        return $this->hasMany(Solo::class)->orderBy('id');
    }

    /** @return HasMany<Solo, $this> */
    public function basics(): HasMany
    {
        return $this->solos()->where('kind', '!=', SoloKind::Form);
    }

    /** @return HasMany<Solo, $this> */
    public function forms(): HasMany
    {
        return $this->solos()->where('kind', SoloKind::Form);
    }

    /** @return HasMany<Student, $this> those who are not forgotten */
    public function students(): HasMany
    {
        return $this->everyone()->whereNull((new Student())->qualifyColumn('erased_at'));
    }

    /** @return HasMany<Student, $this> with those of whom the reps alone are left */
    public function everyone(): HasMany
    {
        return $this->hasMany(Student::class)->orderBy('name');
    }

    /** @return HasMany<Rep, $this> */
    public function reps(): HasMany
    {
        return $this->hasMany(Rep::class);
    }
}
