<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Casts\Json;
use App\Models\Answer;
use App\Models\Attack;
use App\Models\Kind;
use App\Models\Rank;
use App\Models\Rep;
use App\Models\Rung;
use App\Models\School;
use App\Models\Student;
use DateTimeInterface;
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
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Rank as CoreRank;
use StoneDrill\Core\Curriculum\Rung as CoreRung;
use StoneDrill\Core\Curriculum\School as CoreSchool;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Exchange\SchoolFile;

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
            array_values($students->map(PeopleMapper::student(...))->all()),
            PeopleMapper::reps($reps),
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
            new Briefing($attack->notes, Json::texts($attack, 'cautions'), $attack->recoil),
        );
    }

    public function student(Student $student): CoreStudent
    {
        return PeopleMapper::student($student);
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
                static fn (): CoreAnswer => AnswerMapper::answer(
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
                                array_map(AttackerLimb::from(...), Json::texts($kind, 'attacker_busy')),
                                array_map(DefenderHold::from(...), Json::texts($kind, 'defender_held')),
                                array_map(Hand::from(...), Json::texts($kind, 'hands')),
                                array_values(Json::strict($kind, 'bearings')),
                                new KindWords($kind->name, Json::texts($kind, 'cautions')),
                            ),
                        ),
                    )
                    ->all(),
            ),
        );
    }
}
