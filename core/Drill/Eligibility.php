<?php

declare(strict_types=1);

namespace StoneDrill\Core\Drill;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Checks\Hazards;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\ContactPolicy;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Text;

/** What is not drilled with whom: by the contact policy at the student's rank and age, and by flags. */
final class Eligibility
{
    private readonly ContactPolicy $policy;

    /** @var array<string, Answer> by id */
    private readonly array $answers;

    /** @var array<string, int> position by id of the rank */
    private readonly array $order;

    /** @var array<string, Rank> by id */
    private readonly array $ranks;

    /**
     * @var array<string, array<string, list<Hazard>>> what can hurt in an answer, by its id and the rank that is taught
     *     it; by no rank where all are taught the same
     */
    private array $hazards = [];

    /** @var array<string, bool> whether all ranks are taught an answer in the same words, by its id */
    private array $isSame = [];

    /**
     * @var array<string, array<string, true>> what stands against those who are alike in rank, birth and flags, by the
     *     hazard
     */
    private array $barred = [];

    public function __construct(Catalogue $catalogue, private readonly DateTimeImmutable $at)
    {
        $this->policy = ContactPolicy::of(
            $catalogue->school,
            array_map(static fn (Rank $rank): string => $rank->id, $catalogue->ranks),
        );
        $this->answers = array_column($catalogue->answers, null, 'id');
        $this->order = $catalogue->rankOrder();
        $this->ranks = array_column($catalogue->ranks, null, 'id');
    }

    /**
     * The answers of a cell that a student knows and may drill.
     *
     * @return list<Answer>
     */
    public function allowed(Student $student, Cell $cell): array
    {
        return $this->ofAttack($student, $cell->attack) !== []
            ? []
            : array_values(
                array_filter(
                    $this->known($student, $cell),
                    fn (Answer $answer): bool => $this->ofAnswer($student, $answer) === [],
                ),
            );
    }

    /** Whether nothing stands against teaching an answer to an attack, as the student's rank is taught it. */
    public function opens(Student $student, Attack $attack, Answer $answer): bool
    {
        return $this->ofAttack($student, $attack) === [] && $this->ofAnswer($student, $answer) === [];
    }

    /**
     * In one sentence, why a cell is not drilled with somebody who knows an answer to it; null where it is, or none is
     * known.
     */
    public function reason(Student $student, Cell $cell): ?Text
    {
        $ofAttack = $this->ofAttack($student, $cell->attack);
        $known = $this->known($student, $cell);
        if ($ofAttack === [] && ($known === [] || $this->allowed($student, $cell) !== [])) {
            return null;
        }
        $hazards = $ofAttack !== [] ? $ofAttack : $this->ofAnswer($student, $known[0]);

        return Text::of('drill.left-out', [
            'attack' => $cell->attack->title,
            'student' => $student->name,
            'hazards' => array_map(
                fn (Hazard $hazard): Text => Text::of(
                    $this->isFlagged($student, $hazard) ? 'drill.by-flag' : 'drill.by-policy',
                    ['hazard' => $hazard->text(), 'flag' => 'no-'.$hazard->value],
                ),
                $hazards,
            ),
        ]);
    }

    /**
     * @param list<string> $ahead ids of ranks that the student prepares for: what the own rank is not taught goes as
     *     far as with the first of them that is
     *
     * @return list<Text> how far hazards may go with a student who is drilled on them, a sentence for each level
     *     between free and not taught
     */
    public function levels(Student $student, array $ahead = []): array
    {
        $said = [];
        foreach ([PolicyLevel::StopShort, PolicyLevel::Pads] as $level) {
            $hazards = array_values(
                array_filter(
                    Hazard::cases(),
                    fn (Hazard $hazard): bool => $this->level($hazard, $student, $ahead) === $level,
                ),
            );
            if ($hazards !== []) {
                $said[] = Text::of("drill.levels.{$level->value}", [
                    'hazards' => array_map(static fn (Hazard $hazard): Text => $hazard->text(), $hazards),
                ]);
            }
        }

        return $said;
    }

    /**
     * @return list<Answer> those that work, as the student's rank is taught them; where none does, all that the rank is
     *     taught
     */
    private function known(Student $student, Cell $cell): array
    {
        $rank = $this->order[$student->rank];
        $known = $cell->workingBy($rank)
        ?: array_filter(
            $cell->answers,
            fn (string $id): bool => $this->answers[$id]->introducedAt($this->order) <= $rank,
        );

        return array_map(fn (string $id): Answer => $this->answers[$id], array_values($known));
    }

    /** @return list<Hazard> that stand against the attack itself */
    private function ofAttack(Student $student, Attack $attack): array
    {
        return $this->barredOf($student, Hazards::ofAttack($attack->kind));
    }

    /** @return list<Hazard> that stand against an answer as it is taught at the student's rank */
    private function ofAnswer(Student $student, Answer $answer): array
    {
        $isSame = $this->isSame[$answer->id] ??= $answer->teaching->short === null && $answer->beats->readings() === [];

        return $this->barredOf(
            $student,
            $this->hazards[$answer->id][$isSame ? '' : $student->rank] ??= Hazards::ofBeats(
                $answer->beatsFor($this->ranks[$student->rank], $this->order),
            ),
        );
    }

    /**
     * @param list<Hazard> $hazards
     *
     * @return list<Hazard> those that are barred for a student
     */
    private function barredOf(Student $student, array $hazards): array
    {
        if ($hazards === []) {
            return [];
        }
        $barred = $this->barred[
            implode(' ', [$student->rank, $student->born?->getTimestamp(), ...$student->flags])
        ] ??= $this->barredFor($student);

        return $barred === []
            ? []
            : array_values(array_filter($hazards, static fn (Hazard $hazard): bool => isset($barred[$hazard->value])));
    }

    /** @return array<string, true> by the hazard */
    private function barredFor(Student $student): array
    {
        $age = $this->age($student);
        $barred = array_filter(
            Hazard::cases(),
            fn (Hazard $hazard): bool => $this->isFlagged($student, $hazard)
                || $this->policy->level($hazard, $student->rank, $age) === PolicyLevel::NotTaught,
        );

        return array_fill_keys(array_column($barred, 'value'), true);
    }

    /** @param list<string> $ahead */
    private function level(Hazard $hazard, Student $student, array $ahead): PolicyLevel
    {
        foreach ([$student->rank, ...$ahead] as $rank) {
            $level = $this->policy->level($hazard, $rank, $this->age($student));
            if ($level !== PolicyLevel::NotTaught) {
                return $level;
            }
        }

        return PolicyLevel::NotTaught;
    }

    private function isFlagged(Student $student, Hazard $hazard): bool
    {
        return in_array('no-'.$hazard->value, $student->flags, true);
    }

    private function age(Student $student): ?int
    {
        return $student->born === null
            ? null
            : intdiv((int) $this->at->format('Ymd') - (int) $student->born->format('Ymd'), 10_000);
    }
}
