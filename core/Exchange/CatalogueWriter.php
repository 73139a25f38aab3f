<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange;

use DateTimeInterface;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\AttackerLimb;
use StoneDrill\Core\Attack\DefenderHold;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\AnswerStandard;
use StoneDrill\Core\Curriculum\ClassHabits;
use StoneDrill\Core\Curriculum\Conventions;
use StoneDrill\Core\Curriculum\Footage;
use StoneDrill\Core\Curriculum\ForceLevels;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Curriculum\Mistake;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\ProofStandard;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\RankAward;
use StoneDrill\Core\Curriculum\Reaction;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Curriculum\Statures;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Curriculum\Waiver;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\PlannedTest;
use Symfony\Component\Yaml\Yaml;

/** Writes a catalogue file that reads back as the same catalogue. What is a default is left out. */
final readonly class CatalogueWriter
{
    public function write(SchoolFile $file, Format $format): string
    {
        $document = $this->document($file);

        return $format === Format::Json
            ? json_encode(
                $document,
                JSON_PRETTY_PRINT
                        | JSON_UNESCAPED_UNICODE
                        | JSON_UNESCAPED_SLASHES
                        | JSON_PRESERVE_ZERO_FRACTION
                        | JSON_THROW_ON_ERROR,
            )."\n"
            : Yaml::dump($document, 4, 2, Yaml::DUMP_MULTI_LINE_LITERAL_BLOCK);
    }

    /** @return array<string, mixed> by section; what is empty is left out */
    public function document(SchoolFile $file): array
    {
        $catalogue = $file->catalogue;

        return array_filter(
            [
                'format' => Format::VERSION,
                'school' => $this->school($catalogue->school),
                'sizes' => array_diff_assoc($catalogue->school->statures->sizes, Statures::BUILT_IN),
                'kinds' => array_map($this->kind(...), $catalogue->kinds),
                'ranks' => array_map($this->rank(...), $catalogue->ranks),
                'rungs' => $catalogue->ladder == Ladder::builtIn()
                    ? []
                    : array_map($this->rung(...), $catalogue->ladder->rungs),
                'attacks' => array_map($this->attack(...), $catalogue->attacks),
                'answers' => array_map($this->answer(...), $catalogue->answers),
                ...(new SoloWriter())->sections($file),
                'students' => array_map($this->student(...), $file->students),
                'reps' => array_map($this->rep(...), $file->reps),
                'classes' => array_map($this->class(...), $file->classes),
                'tests' => array_map($this->test(...), $file->tests),
                'footage' => array_map($this->footage(...), $file->footage),
            ],
            static fn (mixed $section): bool => $section !== [],
        );
    }

    /** @return array<string, mixed> */
    private function school(School $school): array
    {
        $asks = $school->asks;
        $policy = $school->policy === null
            ? null
            : array_map(
                static fn (PolicyRow $row): array => self::filled([
                    'hazard' => $row->hazard->value,
                    'under' => $row->under,
                    'rank' => $row->rank,
                    'level' => $row->level->value,
                ]),
                $school->policy,
            );

        return array_filter(
            [
                'name' => $school->name,
                'doctrine' => $school->doctrine->value,
                'bearings' => $school->conventions->bearings->value,
                'typical' => $school->statures->typical,
                'share' => $school->proof->share,
                'half_life' => $school->proof->halfLife === ProofStandard::HALF_LIFE ? null : $school->proof->halfLife,
                'latest' => $school->proof->latest === ProofStandard::LATEST ? null : $school->proof->latest,
                'credits' => $school->proof->credits->isUsual() ? null : (array) $school->proof->credits,
                'test' => $school->proof->test == new TestStandard() ? null : (array) $school->proof->test,
                'tolerance' => $asks->tolerance === AnswerStandard::TOLERANCE ? null : $asks->tolerance,
                'reaction' => $asks->reaction == new Reaction()
                    ? null
                    : ['base' => $asks->reaction->base, 'per_bit' => $asks->reaction->perBit],
                'class' => $school->conventions->classes == new ClassHabits()
                    ? null
                    : (array) $school->conventions->classes,
                'effects' => $asks->effects->isUsual() ? null : (array) $asks->effects,
                'turning' => $asks->turning === AnswerStandard::TURNING ? null : $asks->turning,
                'force' => $asks->force == new ForceLevels() ? null : (array) $asks->force,
                'leaving' => $asks->leaving === Leaving::Always ? null : $asks->leaving->value,
                'hole_factors' => $school->holeFactors ?: null,
                'policy' => $policy,
                'aliases' => $school->conventions->aliases ?: null,
                'words' => $school->conventions->nouns->words ?: null,
                'scope' => $school->conventions->scope->values ?: null,
                'zone' => $school->conventions->zone === Conventions::ZONE ? null : $school->conventions->zone,
            ],
            static fn (mixed $value): bool => $value !== null,
        );
    }

    /** @return array<string, mixed> */
    private function kind(Kind $kind): array
    {
        return self::filled([
            'id' => $kind->id,
            'name' => $kind->words->name ?? $kind->id,
            'family' => $kind->family->value,
            'attacker_busy' => array_map(static fn (AttackerLimb $limb): string => $limb->value, $kind->attackerLimbs),
            'defender_held' => array_map(static fn (DefenderHold $held): string => $held->value, $kind->defenderHolds),
            'hand' => array_map(static fn (Hand $hand): string => $hand->value, $kind->hands),
            'bearing' => $kind->bearings,
            'start' => $kind->start->value,
            'cautions' => $kind->words->cautions ?? [],
        ]);
    }

    /** @return array<string, mixed> */
    private function rank(Rank $rank): array
    {
        return [
            'id' => $rank->id,
            'name' => $rank->name,
            'max_beats' => $rank->maxBeats,
            'goal_rung' => $rank->goalRung,
        ];
    }

    /** @return array<string, mixed> */
    private function rung(Rung $rung): array
    {
        return [
            'id' => $rung->id,
            'name' => $rung->name,
            'pace' => $rung->pace,
            'attack_told' => $rung->attackTold,
            'moment_told' => $rung->momentTold,
            'resistance' => $rung->resistance,
            'follow_ups' => $rung->followUps,
            'stressors' => $rung->stressors,
        ];
    }

    /** @return array<string, mixed> */
    private function attack(Attack $attack): array
    {
        $facets = array_filter(
            $attack->facets->toArray(),
            static fn (string $value, string $facet): bool => Facet::from($facet)->default() !== $value,
            ARRAY_FILTER_USE_BOTH,
        );

        return self::filled([
            'id' => $attack->id,
            'title' => $attack->title,
            'kind' => $attack->kind->id,
            ...$facets,
            'needed_by' => $attack->need->rank ?? 'none',
            'needed_by_youth' => $attack->need->youth === $attack->need->rank ? null : $attack->need->youth ?? 'none',
            'prevalence' => $attack->prevalence,
            'critical' => $attack->need->isCritical ?: null,
            'recoil' => $attack->briefing->recoil === Recoil::LeftOut ? null : $attack->briefing->recoil->value,
            'notes' => $attack->briefing->notes,
            'cautions' => $attack->briefing->cautions,
        ]);
    }

    /** @return array<string, mixed> */
    private function answer(Answer $answer): array
    {
        return self::filled([
            'id' => $answer->id,
            'title' => $answer->title,
            'label' => $answer->label,
            'attack' => $answer->attack,
            'pattern' => array_map(
                static fn (?array $values): array|string => $values ?? 'any',
                $answer->matching->listed,
            ),
            'mirrored' => $answer->matching->mirrored ?: null,
            'rank' => $answer->teaching->rank,
            'short' => $answer->teaching->short === null
                ? null
                : ['rank' => $answer->teaching->short->rank, 'beats' => $answer->teaching->short->beats],
            'doctrine' => $answer->teaching->doctrine?->value,
            'rank_youth' => $answer->teaching->rankYouth,
            'variant_of' => $answer->teaching->variantOf,
            'mistakes' => array_map(self::mistake(...), $answer->teaching->mistakes),
            'waived' => array_map(
                static fn (Waiver $waiver): array => self::filled([
                    'check' => $waiver->check->value,
                    'beat' => $waiver->beat,
                    'reason' => $waiver->reason,
                ]),
                $answer->teaching->waived,
            ),
            'beats' => $answer->beats->toText(),
        ]);
    }

    /** @return string|array<string, mixed> the words alone, where nothing more is said */
    private static function mistake(Mistake $mistake): string|array
    {
        return $mistake->instead === null
            ? $mistake->text
            : ['text' => $mistake->text, 'at' => $mistake->at, 'instead' => $mistake->instead->toText()];
    }

    /** @return array<string, mixed> */
    private function student(Student $student): array
    {
        return self::filled([
            'id' => $student->id,
            'name' => $student->name,
            'rank' => $student->rank,
            'height' => $student->height,
            'born' => $student->born?->format('Y-m-d'),
            'flags' => $student->flags,
            'ranks' => array_map(
                static fn (RankAward $award): array => self::filled([
                    'rank' => $award->rank,
                    'on' => $award->on->format('Y-m-d'),
                    'note' => $award->note,
                ]),
                $student->ranks,
            ),
        ]);
    }

    /** @return array<string, mixed> */
    private function class(PlannedClass $class): array
    {
        return self::filled([
            'id' => $class->id,
            'at' => $class->at->format(DateTimeInterface::ATOM),
            'minutes' => $class->facts->minutes,
            'place' => $class->place === '' ? null : $class->place,
            'places' => $class->facts->places === PlannedClass::PLACES ? null : $class->facts->places,
            'pads' => $class->facts->pads,
            'instructors' => $class->facts->instructors === 1 ? null : $class->facts->instructors,
            'expected' => self::filled([
                'ranks' => $class->expected->ranks,
                'ages' => $class->expected->ages?->value,
                'students' => $class->expected->students,
            ]),
            'present' => $class->present,
            'blocks' => array_map(
                static fn (Block $block): array => self::filled([
                    'kind' => $block->kind->value,
                    'minutes' => $block->minutes ?: null,
                    'locked' => $block->isLocked ?: null,
                ]),
                $class->blocks(),
            ),
            'cancelled' => $class->isCancelled ?: null,
            'teach' => $class->facts->wishes->teach,
            'skip' => $class->facts->wishes->skip,
            'all_sizes' => $class->facts->wishes->mixesSizes ?: null,
            'steps_in' => $class->facts->wishes->stepsIn ?: null,
        ]);
    }

    /** @return array<string, mixed> */
    private function test(PlannedTest $test): array
    {
        return self::filled([
            'id' => $test->id,
            'rank' => $test->rank,
            'at' => $test->at->format(DateTimeInterface::ATOM),
            'candidates' => $test->candidates,
            'classes' => $test->classes,
            'items' => $test->isDrawn ? 'drawn' : null,
            'results' => $test->results,
        ]);
    }

    /** @return array<string, mixed> */
    private function rep(Rep $rep): array
    {
        return self::filled([
            'id' => $rep->id,
            'student' => $rep->student,
            'attack' => $rep->attack,
            'side' => $rep->side->value,
            'rung' => $rep->rung,
            'outcome' => $rep->outcome->value,
            'at' => $rep->at->format(DateTimeInterface::ATOM),
            'answer' => $rep->details->answer,
            'mistakes' => $rep->details->mistakes,
            'touched' => $rep->details->touched?->value,
            'seconds' => $rep->details->seconds,
            'stressor' => $rep->details->stressor,
            'source' => $rep->details->source === Source::Seen ? null : $rep->details->source->value,
            'replaces' => $rep->details->replaces,
            'reason' => $rep->details->reason,
            'attacker' => $rep->details->attacker,
            'attacked_by' => $rep->details->attackedBy?->value,
            'class' => $rep->details->class,
            'rules' => $rep->details->rules,
        ]);
    }

    /** @return array<string, mixed> */
    private function footage(Footage $footage): array
    {
        return self::filled([
            'file' => $footage->file,
            $footage->of->value => $footage->id,
            'mistake' => $footage->mistake,
            'caption' => $footage->caption,
            'beats_at' => $footage->beats->seconds,
            'shows' => $footage->shows,
        ]);
    }

    /**
     * Without what is empty.
     *
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    public static function filled(array $values): array
    {
        return array_filter(
            $values,
            static fn (mixed $value): bool => $value !== null && $value !== [] && $value !== '',
        );
    }
}
