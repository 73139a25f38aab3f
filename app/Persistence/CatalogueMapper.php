<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Casts\Json;
use App\Models\Answer;
use App\Models\Attack;
use App\Models\Kind;
use App\Models\Rank;
use App\Models\RankAward;
use App\Models\Rep;
use App\Models\Rung;
use App\Models\School;
use App\Models\Student;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;
use StoneDrill\Core\Attack\Attack as CoreAttack;
use StoneDrill\Core\Attack\AttackerLimb;
use StoneDrill\Core\Attack\Briefing;
use StoneDrill\Core\Attack\DefenderHold;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Kind as CoreKind;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\KindWords;
use StoneDrill\Core\Attack\Need;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Curriculum\Answer as CoreAnswer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\Mistake;
use StoneDrill\Core\Curriculum\Rank as CoreRank;
use StoneDrill\Core\Curriculum\RankAward as CoreAward;
use StoneDrill\Core\Curriculum\Rung as CoreRung;
use StoneDrill\Core\Curriculum\School as CoreSchool;
use StoneDrill\Core\Curriculum\ShortForm;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Curriculum\Waiver;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\Rep as CoreRep;
use StoneDrill\Core\Proof\RepDetails;
use StoneDrill\Core\Technique\Beats;

/** The one way from rows to core values. The ids of core values are the rows' codes. */
final readonly class CatalogueMapper
{
    private const SECONDS = 86_400;

    public function __construct(private RevisionCache $kept) {}

    /** What a school teaches: everything but its students and their reps. Kept until one of its rows changes. */
    public function curriculum(School $school): Catalogue
    {
        // Rows that were read before the revision was may be older than it.
        return $this->readCurriculum($school)->catalogue;
    }

    /** @return list<UnreadableRow> what of it cannot be read, and is left out */
    public function unreadable(School $school): array
    {
        return $this->readCurriculum($school)->unreadable;
    }

    /** Why a row is left out; null where it is not. */
    public function whyUnreadable(Attack|Answer $row): ?string
    {
        foreach ($this->unreadable($row->school) as $unreadable) {
            if ($unreadable->table === $row->getTable() && $unreadable->id === $row->id) {
                return $unreadable->why;
            }
        }

        return null;
    }

    private function readCurriculum(School $school): ReadCurriculum
    {
        return $this->kept->near(
            "curriculum:{$school->id}",
            Revision::ofCurriculum($school),
            self::SECONDS,
            fn (): ReadCurriculum => $this->parts(School::query()->findOrFail($school->id)),
        );
    }

    /**
     * What it taught on a day, as far as the versions of its answers tell, by the ranks of today. Answers that were
     * deleted since are not known any more.
     */
    public function curriculumAt(School $school, DateTimeInterface $day): Catalogue
    {
        $ranks = $school->ranks->pluck('code', 'id')->all();
        $attacks = $school->attacks->filter(
            static fn (Attack $attack): bool => $attack->created_at === null || $attack->created_at <= $day,
        );
        $answers = $school
            ->answers()
            ->with(['versions' => static fn ($versions) => $versions->where('saved_at', '<=', $day)])
            ->get()
            ->filter(
                static fn (Answer $answer): bool => $answer->versions->isNotEmpty()
                    && $attacks->contains('id', $answer->attack_id),
            )
            ->map(static fn (Answer $answer): Answer => $answer->fill($answer->versions->firstOrFail()->content))
            ->filter(
                static fn (Answer $answer): bool => isset($ranks[$answer->rank_id])
                    && ($answer->short_rank_id === null || isset($ranks[$answer->short_rank_id])),
            );

        return $this->parts(
            (clone $school)->setRelation('attacks', $attacks)->setRelation('answers', $answers),
        )->catalogue;
    }

    /** Everything a school holds. */
    public function everything(School $school): SchoolFile
    {
        $students = $school->everyone()->with('rank', 'awards.rank')->get();
        $reps = $school
            ->reps()
            ->with(['student', 'attack', 'answer', 'attacker', 'class'])
            ->orderBy('at')
            ->orderBy('id')
            ->get();

        $catalogue = $this->curriculum($school);
        // Reps of an attack that cannot be read wait for it to be mended.
        $reps = $reps->filter(static fn (Rep $rep): bool => $catalogue->hasAttack($rep->attack->code));

        return new SchoolFile(
            $catalogue,
            array_values($students->map($this->student(...))->all()),
            $this->reps($reps),
            classes: ClassMapper::classes($school),
            tests: ClassMapper::tests($school),
            basics: SoloMapper::basics($school),
            forms: SoloMapper::forms($school),
            marks: SoloMapper::marks($school),
            practised: SoloMapper::practised($school),
        );
    }

    public function kinds(School $school): Kinds
    {
        return Kinds::builtIn()->with(...$this->ownKinds($school, new RowReader()));
    }

    public function ladder(School $school): Ladder
    {
        $rungs = array_values(
            $school->rungs
                ->map(
                    static fn (Rung $rung): CoreRung => new CoreRung(
                        $rung->number,
                        $rung->name,
                        $rung->pace,
                        $rung->attack_told,
                        $rung->moment_told,
                        $rung->resistance,
                        $rung->follow_ups,
                        $rung->stressors,
                    ),
                )
                ->all(),
        );

        return $rungs === [] ? Ladder::builtIn() : new Ladder($rungs);
    }

    public function attack(Attack $attack, Kinds $kinds): CoreAttack
    {
        if (! $kinds->has($attack->kind)) {
            throw UnreadableValue::unknown('kind', $attack->kind, __('unreadable.expected.kind'));
        }
        $codes = $attack->school->ranks->pluck('code', 'id');
        $facets = [];
        foreach (Facet::cases() as $facet) {
            $facets[$facet->value] = (string) $attack->getAttribute($facet->value);
        }

        $kind = $kinds->get($attack->kind);
        foreach ((new Feasibility())->refusals($kind, Facets::of($facets)) as $refusal) {
            throw new UnreadableValue(say($refusal->text));
        }

        return new CoreAttack(
            $attack->code,
            $attack->title,
            $kind,
            Facets::of($facets),
            new Need(
                $codes[$attack->needed_by_id] ?? null,
                $codes[$attack->needed_by_youth_id] ?? null,
                $attack->critical,
            ),
            $attack->prevalence,
            new Briefing($attack->notes, self::texts($attack, 'cautions'), $attack->recoil),
        );
    }

    /**
     * An answer that is being written, as far as it is known.
     *
     * @param string $rank code of the rank it is meant for
     */
    public function draft(
        CoreAttack $attack,
        string $title,
        string $rank,
        ?Doctrine $doctrine,
        Beats $beats,
        ?Answer $stored = null,
    ): CoreAnswer {
        return new CoreAnswer(
            $stored->code ?? '',
            $title,
            '',
            $attack->id,
            Matching::of($attack),
            new Teaching($rank, null, $doctrine, [], self::waivers($stored?->soundWaivers() ?? [])),
            $beats,
        );
    }

    public function student(Student $student): CoreStudent
    {
        // Nobody is drilled on what a flag may forbid: where flags cannot be read, each hazard is barred.
        $flags = $student->hasReadableFlags()
            ? $student->flags
            : array_map(static fn (Hazard $hazard): string => 'no-'.$hazard->value, Hazard::cases());

        return new CoreStudent(
            $student->code,
            $student->name,
            $student->rank->code,
            $student->height,
            $student->born,
            $flags,
            $student->relationLoaded('awards') ? self::awards($student) : [],
        );
    }

    /** @return list<CoreAward> the first one first */
    private static function awards(Student $student): array
    {
        return array_values(
            $student->awards
                ->reverse()
                ->map(
                    static fn (RankAward $award): CoreAward => new CoreAward(
                        $award->rank->code,
                        $award->awarded_on,
                        $award->note,
                    ),
                )
                ->all(),
        );
    }

    /**
     * @param Collection<int, Rep> $reps with all that they belong to
     *
     * @return list<CoreRep>
     */
    public function reps(Collection $reps): array
    {
        return array_values(
            $reps
                ->map(
                    static fn (Rep $rep): CoreRep => new CoreRep(
                        $rep->id,
                        $rep->student->code,
                        $rep->attack->code,
                        $rep->side,
                        $rep->rung,
                        $rep->outcome,
                        $rep->at,
                        new RepDetails(
                            $rep->answer?->code,
                            $rep->mistakes,
                            $rep->touched,
                            $rep->seconds,
                            $rep->stressor,
                            $rep->source,
                            $rep->replaces,
                            $rep->reason,
                            $rep->attacker?->code,
                            $rep->class?->code,
                            $rep->rules,
                            $rep->attacked_by,
                        ),
                    ),
                )
                ->all(),
        );
    }

    public function school(School $school): CoreSchool
    {
        return SchoolMapper::read($school, new RowReader());
    }

    private function parts(School $school): ReadCurriculum
    {
        $reader = new RowReader();
        $core = SchoolMapper::read($school, $reader);
        $own = $this->ownKinds($school, $reader);
        $kinds = Kinds::builtIn()->with(...$own);
        $attacks = $answers = [];
        foreach ($school->attacks as $attack) {
            $attacks[$attack->id] = $reader->read(
                $attack,
                fn (): CoreAttack => $this->attack($attack->setRelation('school', $school), $kinds),
            );
        }
        $codes = $school->ranks->pluck('code', 'id')->all();
        $answerCodes = $school->answers->pluck('code', 'id')->all();
        foreach ($school->answers as $answer) {
            $answers[] = $reader->read(
                $answer,
                fn (): CoreAnswer => $this->answer(
                    $answer,
                    $attacks[$answer->attack_id] ?? throw new UnreadableValue(__('unreadable.attack')),
                    $codes,
                    $answerCodes,
                ),
            );
        }

        return new ReadCurriculum(
            new Catalogue(
                school: $core,
                kinds: $own,
                ranks: array_values(
                    $school->ranks
                        ->map(
                            static fn (Rank $rank): CoreRank => new CoreRank(
                                $rank->code,
                                $rank->name,
                                $rank->max_beats,
                                $rank->goal_rung,
                            ),
                        )
                        ->all(),
                ),
                ladder: $this->ladder($school),
                attacks: array_values(array_filter($attacks)),
                answers: array_values(array_filter($answers)),
            ),
            $reader->unreadable,
        );
    }

    /**
     * @param array<int, string> $codes       of the ranks, by the id of the row
     * @param array<int, string> $answerCodes the same of the answers
     */
    private function answer(Answer $answer, CoreAttack $attack, array $codes, array $answerCodes): CoreAnswer
    {
        return new CoreAnswer(
            $answer->code,
            $answer->title,
            $answer->label,
            $attack->id,
            Matching::of($attack, self::pattern($answer), $answer->mirrored),
            new Teaching(
                $codes[$answer->rank_id],
                $answer->short_rank_id === null
                    ? null
                    : new ShortForm($codes[$answer->short_rank_id], max(1, (int) $answer->short_beats)),
                $answer->doctrine,
                self::mistakes($answer),
                self::waivers(array_values(Json::strict($answer, 'waived'))),
                $answer->is_for_youth ? $codes[$answer->rank_youth_id ?? 0] ?? null : Teaching::NOT_FOR_YOUTH,
                $answerCodes[$answer->variant_of_id ?? 0] ?? null,
            ),
            Beats::parse($answer->beats),
        );
    }

    /**
     * @throws UnreadableValue when the beats of one cannot be read
     *
     * @return list<Mistake>
     */
    private static function mistakes(Answer $answer): array
    {
        $instead = Json::strict($answer, 'instead');

        return array_map(static function (string $text) use ($instead): Mistake {
            $shown = $instead[$text] ?? null;
            if ($shown === null) {
                return new Mistake($text);
            }
            if (! is_array($shown) || ! is_int($shown['at'] ?? null) || ! is_string($shown['instead'] ?? null)) {
                throw UnreadableValue::unknown('instead', $shown, __('unreadable.expected.mistake'));
            }

            return new Mistake($text, $shown['at'], Beats::parse($shown['instead']));
        }, self::texts($answer, 'mistakes'));
    }

    /** @return array<string, list<string>|null> */
    private static function pattern(Answer $answer): array
    {
        foreach (Json::strict($answer, 'pattern') as $facet => $values) {
            $known = $facet === 'kind'
                ? null
                : (
                    Facet::tryFrom((string) $facet)
                    ?? throw UnreadableValue::unknown('pattern', $facet, __('unreadable.expected.facet'))
                )->values();
            foreach ($values ?? [] as $value) {
                if (! is_string($value) || ($known !== null && ! in_array($value, $known, true))) {
                    throw UnreadableValue::unknown(
                        "pattern, {$facet}",
                        $value,
                        __('file.one-of', ['words' => implode(', ', $known ?? [])]),
                    );
                }
            }
        }

        return $answer->pattern;
    }

    /** @return list<string> */
    private static function texts(Model $row, string $column): array
    {
        return array_values(array_map(strval(...), Json::strict($row, $column)));
    }

    /**
     * @param list<array<string, ?string>> $waived
     *
     * @return list<Waiver>
     */
    private static function waivers(array $waived): array
    {
        return array_map(
            static fn (array $waiver): Waiver => new Waiver(
                CheckId::tryFrom($waiver['check'] ?? '')
                    ?? throw UnreadableValue::unknown(
                        'waived',
                        $waiver['check'] ?? null,
                        __('unreadable.expected.check'),
                    ),
                $waiver['beat'] ?? null,
                (string) $waiver['reason'],
            ),
            $waived,
        );
    }

    /** @return list<CoreKind> */
    private function ownKinds(School $school, RowReader $reader): array
    {
        return array_values(
            array_filter(
                $school->kinds
                    ->map(
                        static fn (Kind $kind): ?CoreKind => $reader->read(
                            $kind,
                            static fn (): CoreKind => new CoreKind(
                                $kind->code,
                                Family::from($kind->family),
                                Start::from($kind->start),
                                array_map(AttackerLimb::from(...), self::texts($kind, 'attacker_busy')),
                                array_map(DefenderHold::from(...), self::texts($kind, 'defender_held')),
                                array_map(Hand::from(...), self::texts($kind, 'hands')),
                                array_values(Json::strict($kind, 'bearings')),
                                new KindWords($kind->name, self::texts($kind, 'cautions')),
                            ),
                        ),
                    )
                    ->all(),
            ),
        );
    }
}
