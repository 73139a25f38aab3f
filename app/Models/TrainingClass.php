<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use App\Models\Concerns\KeepsVersion;
use App\Persistence\KeptPages;
use App\Persistence\PeopleMapper;
use App\Persistence\SchoolMapper;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection as Rows;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use StoneDrill\Core\Session\Ages;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\ClassesBefore;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\ClassWishes;
use StoneDrill\Core\Session\Expected;
use StoneDrill\Core\Session\Meetings;
use StoneDrill\Core\Session\Timetable;

/**
 * A class of a school.
 *
 * @property int                       $id
 * @property int                       $school_id
 * @property string                    $code        its id in the open file
 * @property CarbonImmutable           $at
 * @property int                       $minutes
 * @property string                    $place
 * @property int                       $places      pairs that can work at once
 * @property int|null                  $pads        of which each pair needs one under pressure; null for enough
 * @property int                       $instructors who teach, assistants too
 * @property list<string>              $ranks       codes of those who are expected; empty for everybody
 * @property Ages|null                 $ages        of those who are expected; null for any
 * @property list<int>                 $named       ids of students who are expected by name
 * @property list<array<string, mixed>>|null $blocks kind, minutes and whether they are locked; null as usual
 * @property list<string>              $teach       codes of answers that come before all others
 * @property list<string>              $skip        codes of answers that are not taught this time
 * @property bool                      $all_sizes   whether all sizes work together
 * @property bool                      $steps_in    whether an instructor works with whoever is over
 * @property CarbonImmutable|null      $cancelled_at since when it is called off
 * @property CarbonImmutable|null      $marked_at    when it was last marked who came; null for never
 * @property CarbonImmutable           $updated_at
 * @property Rows<int, Student>        $present
 * @property School                    $school
 */
final class TrainingClass extends Model
{
    use BelongsToSchool;
    use KeepsLog;
    use KeepsVersion;

    protected $attributes = [
        'blocks' => null, 'ranks' => '[]', 'ages' => null, 'named' => '[]', 'place' => '', 'version' => 1,
        'cancelled_at' => null, 'code' => null, 'teach' => '[]', 'skip' => '[]', 'all_sizes' => false, 'steps_in' => false,
    ];

    protected static function booted(): void
    {
        // When it is, and something that no other class of that moment has.
        self::creating(static function (self $class): void {
            $class->code ??= $class->at->utc()->format('Y-m-d-Hi').'-'.Str::lower(Str::random(6));
        });
    }

    protected function casts(): array
    {
        return [
            'at' => 'immutable_datetime', 'cancelled_at' => 'immutable_datetime', 'marked_at' => 'immutable_datetime',
            'updated_at' => 'immutable_datetime', 'minutes' => 'integer', 'places' => 'integer', 'pads' => 'integer',
            'instructors' => 'integer', 'ranks' => Json::TEXTS, 'ages' => Ages::class, 'named' => Json::NUMBERS,
            'blocks' => Json::MAPS, 'teach' => Json::TEXTS, 'skip' => Json::TEXTS, 'all_sizes' => 'boolean', 'steps_in' => 'boolean', 'version' => 'integer',
        ];
    }

    /** @return list<Block> in their order; the usual ones where nothing was changed, or what was cannot be read */
    public function plannedBlocks(): array
    {
        $blocks = [];
        foreach ($this->blocks ?? [] as $block) {
            $kind = is_string($block['kind'] ?? null) ? BlockKind::tryFrom($block['kind']) : null;
            $minutes = $block['minutes'] ?? 0;
            if ($kind !== null && is_int($minutes) && $minutes >= 0) {
                $blocks[] = new Block($kind, $minutes, ($block['locked'] ?? false) === true);
            }
        }

        return $blocks === [] ? Timetable::usual() : $blocks;
    }

    /** What is known of it before it is planned. */
    public function facts(): ClassFacts
    {
        return new ClassFacts(
            $this->minutes,
            $this->plannedBlocks(),
            $this->places,
            $this->instructors,
            new ClassWishes($this->teach, $this->skip, $this->all_sizes, $this->steps_in),
            $this->pads,
            SchoolMapper::classHabits($this->school),
        );
    }

    /**
     * @param list<Block> $blocks
     *
     * @return list<array{kind: string, minutes: int, locked: bool}> as they are kept; of those that are not locked no
     *     minutes
     */
    public static function kept(array $blocks): array
    {
        return array_map(
            static fn (Block $block): array => [
                'kind' => $block->kind->value,
                'minutes' => $block->isLocked ? $block->minutes : 0,
                'locked' => $block->isLocked,
            ],
            $blocks,
        );
    }

    public function expected(): Expected
    {
        $students = $this->named === []
            ? []
            : Student::query()->where('school_id', $this->school_id)->whereKey($this->named)->pluck('code')->all();

        return new Expected($this->ranks, $this->ages, array_values($students));
    }

    /** @param Rows<int, Student> $students with their ranks */
    public function expectsOneOf(Rows $students): bool
    {
        $expected = $this->expected();

        return $students->contains(
            fn (Student $student): bool => $expected->includes(PeopleMapper::student($student), $this->at),
        );
    }

    /** @return BelongsToMany<Student, $this> who came */
    public function present(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'class_attendance', 'class_id')->orderBy('name');
    }

    /**
     * Reps until this moment tell its plan: what comes while it runs changes nothing of what was to be taught, and
     * before it begins a plan stands for some minutes, on every device.
     */
    public function plannedUntil(CarbonImmutable $now): CarbonImmutable
    {
        return $this->at->min(
            CarbonImmutable::createFromTimestamp($now->getTimestamp() - ($now->getTimestamp() % KeptPages::STANDS)),
        );
    }

    /**
     * Who worked with whom in the classes before it until a moment, and in it until somebody came late or left;
     * students are named by their codes.
     */
    public function meetings(CarbonImmutable $until): Meetings
    {
        $before = $this->before(Meetings::CLASSES);
        $codes = $this->school->everyone()->pluck('code', 'id');
        $pairs = $this->school
            ->reps()
            ->standing()
            ->whereNotNull('attacker_id')
            ->where(
                fn (Builder $of) => $of
                    ->where(static fn (Builder $of) => $of->whereIn('class_id', $before)->where('at', '<=', $until))
                    ->when(
                        $this->marked_at,
                        fn (Builder $of, CarbonImmutable $marked) => $of->orWhere(
                            fn (Builder $of) => $of->where('class_id', $this->id)->where('at', '<=', $marked),
                        ),
                    ),
            )
            ->toBase()
            ->distinct()
            ->get(['class_id', 'student_id', 'attacker_id'])
            ->groupBy('class_id')
            ->map(
                static fn (Collection $reps): array => array_values(
                    $reps->map(static fn ($rep): array => [$codes[$rep->student_id], $codes[$rep->attacker_id]])->all(),
                ),
            );

        return Meetings::of(
            array_values($before->map(static fn (int $id): array => $pairs[$id] ?? [])->all()),
            $pairs[$this->id] ?? [],
        );
    }

    /**
     * @return list<string> codes of the answers that were used in the last classes before it until a moment, those of
     *     most tries first
     */
    public function latestAnswers(CarbonImmutable $until): array
    {
        $used = $this->school
            ->reps()
            ->standing()
            ->whereIn('class_id', $this->before(ClassesBefore::DRILLED))
            ->where('at', '<=', $until)
            ->whereNotNull('answer_id')
            ->toBase()
            ->groupBy('answer_id')
            ->orderByRaw('count(*) desc')
            ->orderBy('answer_id')
            ->pluck('answer_id');
        $codes = $this->school->answers()->whereKey($used)->pluck('code', 'id');

        return array_values($used->map(static fn (int $id): string => $codes[$id])->all());
    }

    /** @return Collection<int, int> ids of so many classes before it, the last one first */
    private function before(int $count): Collection
    {
        return $this->school
            ->classes()
            ->whereNull('cancelled_at')
            ->where('at', '<', $this->at)
            ->orderByDesc('at')
            ->orderByDesc('id')
            ->limit($count)
            ->pluck('id');
    }

    /** @return HasMany<Rep, $this> */
    public function reps(): HasMany
    {
        return $this->hasMany(Rep::class, 'class_id');
    }

    public function endsAt(): CarbonImmutable
    {
        return $this->at->addMinutes($this->minutes);
    }

    /** When it begins, by the clock of the school. */
    public function beginsAt(): CarbonImmutable
    {
        return $this->at->setTimezone($this->school->timeZone());
    }
}
