<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Answer;
use App\Models\Attack;
use App\Models\Kind;
use App\Models\Rank;
use App\Models\Rep;
use App\Models\Rung;
use App\Models\School;
use App\Models\Student;
use DateTimeInterface;
use Illuminate\Support\Collection;
use StoneDrill\Core\Answer\Answer as CoreAnswer;
use StoneDrill\Core\Answer\Beats;
use StoneDrill\Core\Answer\Doctrine;
use StoneDrill\Core\Answer\ShortForm;
use StoneDrill\Core\Answer\Waiver;
use StoneDrill\Core\Attack\Attack as CoreAttack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\HisBusy;
use StoneDrill\Core\Attack\Kind as CoreKind;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Pattern;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Attack\YoursHeld;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Hazard;
use StoneDrill\Core\Catalogue\PolicyLevel;
use StoneDrill\Core\Catalogue\PolicyRow;
use StoneDrill\Core\Catalogue\Rank as CoreRank;
use StoneDrill\Core\Catalogue\School as CoreSchool;
use StoneDrill\Core\Catalogue\Student as CoreStudent;
use StoneDrill\Core\Floor\BearingStyle;
use StoneDrill\Core\Pressure\Ladder;
use StoneDrill\Core\Pressure\Outcome;
use StoneDrill\Core\Pressure\Rep as CoreRep;
use StoneDrill\Core\Pressure\Rung as CoreRung;
use StoneDrill\Core\Pressure\Source;
use StoneDrill\Core\Pressure\Touched;

/** The one way from rows to core values. The ids of core values are the rows' codes. */
final readonly class CatalogueMapper
{
    private const SECONDS = 86_400;

    /** What a school teaches: everything but its students and their reps. Kept until one of its rows changes. */
    public function curriculum(School $school): Catalogue
    {
        // Rows that were read before the revision was may be older than it.
        return Kept::of("curriculum:{$school->id}", Revision::ofCurriculum($school), self::SECONDS, fn (): Catalogue => new Catalogue(...$this->parts(School::query()->findOrFail($school->id))));
    }

    /**
     * What it taught on a day, as far as the versions of its answers tell, by the ranks of today. Answers that were deleted
     * since are not known any more.
     */
    public function curriculumAt(School $school, DateTimeInterface $day): Catalogue
    {
        $ranks = $school->ranks->pluck('code', 'id')->all();
        $attacks = $school->attacks->filter(static fn (Attack $attack): bool => $attack->created_at === null || $attack->created_at <= $day);
        $answers = $school->answers()->with(['versions' => static fn ($versions) => $versions->where('saved_at', '<=', $day)])->get()
            ->filter(static fn (Answer $answer): bool => $answer->versions->isNotEmpty() && $attacks->contains('id', $answer->attack_id))
            ->map(static fn (Answer $answer): Answer => $answer->fill($answer->versions[0]->content))
            ->filter(static fn (Answer $answer): bool => isset($ranks[$answer->rank_id]) && ($answer->short_rank_id === null || isset($ranks[$answer->short_rank_id])));

        return new Catalogue(...$this->parts((clone $school)->setRelation('attacks', $attacks)->setRelation('answers', $answers)));
    }

    /** Everything a school holds. */
    public function everything(School $school): Catalogue
    {
        $students = $school->students()->with('rank')->get();
        $reps = $school->reps()->with(['student', 'attack', 'answer'])->orderBy('at')->orderBy('id')->get();

        return $this->curriculum($school)->withPeople(array_values($students->map($this->student(...))->all()), $this->reps($reps));
    }

    public function kinds(School $school): Kinds
    {
        return Kinds::builtIn()->with(...$this->ownKinds($school));
    }

    public function ladder(School $school): Ladder
    {
        $rungs = array_values($school->rungs->map(static fn (Rung $rung): CoreRung => new CoreRung(
            $rung->number,
            $rung->name,
            $rung->pace,
            $rung->attack_told,
            $rung->moment_told,
            $rung->resistance,
            $rung->follow_ups,
            $rung->stressors,
        ))->all());

        return $rungs === [] ? Ladder::builtIn() : new Ladder($rungs);
    }

    public function attack(Attack $attack, Kinds $kinds): CoreAttack
    {
        $codes = $attack->school->ranks->pluck('code', 'id');
        $facets = [];
        foreach (Facet::cases() as $facet) {
            $facets[$facet->value] = (string) $attack->getAttribute($facet->value);
        }

        return new CoreAttack(
            $attack->code,
            $attack->title,
            $kinds->get($attack->kind),
            Facets::of($facets),
            $codes[$attack->needed_by_id] ?? null,
            $codes[$attack->needed_by_youth_id] ?? null,
            $attack->prevalence,
            $attack->critical,
            $attack->notes,
            $attack->cautions,
        );
    }

    /**
     * An answer that is being written, as far as it is known.
     *
     * @param string $rank code of the rank it is meant for
     */
    public function draft(CoreAttack $attack, string $title, string $rank, ?Doctrine $doctrine, Beats $beats, ?Answer $stored = null): CoreAnswer
    {
        return new CoreAnswer(
            $stored->code ?? '',
            $title,
            '',
            $attack->id,
            [],
            Pattern::proposedFor($attack),
            false,
            $rank,
            null,
            $doctrine,
            [],
            self::waivers($stored->waived ?? []),
            $beats,
        );
    }

    public function student(Student $student): CoreStudent
    {
        return new CoreStudent($student->code, $student->name, $student->rank->code, $student->height, $student->born, $student->flags);
    }

    /**
     * @param Collection<int, Rep> $reps with their students, attacks and answers
     *
     * @return list<CoreRep>
     */
    public function reps(Collection $reps): array
    {
        return array_values($reps->map(static fn (Rep $rep): CoreRep => new CoreRep(
            $rep->id,
            $rep->student->code,
            $rep->attack->code,
            Side::from($rep->side),
            $rep->rung,
            Outcome::from($rep->outcome),
            $rep->at,
            $rep->answer?->code,
            $rep->faults,
            $rep->touched === null ? null : Touched::from($rep->touched),
            $rep->seconds,
            $rep->stressor,
            Source::from($rep->source),
            $rep->replaces,
            $rep->reason,
        ))->all());
    }

    public function school(School $school): CoreSchool
    {
        $ranks = $school->ranks->pluck('code')->all();

        return new CoreSchool(
            $school->name,
            Doctrine::from($school->doctrine),
            BearingStyle::from($school->bearings),
            $school->typical,
            $school->share,
            array_replace(CoreSchool::SIZES, $school->sizes),
            $school->hole_factors,
            $school->policy === null ? null : array_map(static fn (array $row): PolicyRow => new PolicyRow(
                Hazard::from($row['hazard']),
                $row['under'] ?? null,
                in_array($row['rank'] ?? null, $ranks, true) ? $row['rank'] : null,
                PolicyLevel::from($row['level']),
            ), $school->policy),
            $school->aliases,
            $school->zone,
        );
    }

    /** @return array{school: CoreSchool, kinds: list<CoreKind>, ranks: list<CoreRank>, ladder: Ladder, attacks: list<CoreAttack>, answers: list<CoreAnswer>} */
    private function parts(School $school): array
    {
        $kinds = $this->kinds($school);
        $attacks = [];
        foreach ($school->attacks as $attack) {
            $attacks[$attack->id] = $this->attack($attack->setRelation('school', $school), $kinds);
        }
        $codes = $school->ranks->pluck('code', 'id')->all();

        return [
            'school' => $this->school($school),
            'kinds' => $this->ownKinds($school),
            'ranks' => array_values($school->ranks->map(static fn (Rank $rank): CoreRank => new CoreRank($rank->code, $rank->name, $rank->max_beats, $rank->goal_rung))->all()),
            'ladder' => $this->ladder($school),
            'attacks' => array_values($attacks),
            'answers' => array_values($school->answers->map(fn (Answer $answer): CoreAnswer => $this->answer($answer, $attacks[$answer->attack_id], $codes))->all()),
        ];
    }

    /** @param array<int, string> $codes of the ranks, by the id of the row */
    private function answer(Answer $answer, CoreAttack $attack, array $codes): CoreAnswer
    {
        return new CoreAnswer(
            $answer->code,
            $answer->title,
            $answer->label,
            $attack->id,
            $answer->pattern,
            Pattern::proposedFor($attack)->replace($answer->pattern),
            $answer->mirrored,
            $codes[$answer->rank_id],
            $answer->short_rank_id === null ? null : new ShortForm($codes[$answer->short_rank_id], max(1, (int) $answer->short_beats)),
            $answer->doctrine === null ? null : Doctrine::from($answer->doctrine),
            $answer->faults,
            self::waivers($answer->waived),
            Beats::parse($answer->beats),
        );
    }

    /**
     * @param list<array<string, ?string>> $waived
     *
     * @return list<Waiver>
     */
    private static function waivers(array $waived): array
    {
        return array_map(static fn (array $waiver): Waiver => new Waiver((string) $waiver['check'], $waiver['beat'] ?? null, (string) $waiver['reason']), $waived);
    }

    /** @return list<CoreKind> */
    private function ownKinds(School $school): array
    {
        return array_values($school->kinds->map(static fn (Kind $kind): CoreKind => new CoreKind(
            $kind->code,
            $kind->name,
            Family::from($kind->family),
            Start::from($kind->start),
            array_map(HisBusy::from(...), $kind->his_busy),
            array_map(YoursHeld::from(...), $kind->yours),
            array_map(Hand::from(...), $kind->hands),
            $kind->bearings,
            $kind->cautions,
        ))->all());
    }
}
