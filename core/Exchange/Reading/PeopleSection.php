<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\RankAward;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Proof\AttackedBy;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\RepDetails;
use StoneDrill\Core\Proof\RepLimits;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Proof\Touched;
use StoneDrill\Core\Text;

/** Reads `students` and `reps`. */
final readonly class PeopleSection
{
    /**
     * @param array<array-key, mixed> $ranks   by id
     * @param array<array-key, mixed> $attacks by id
     * @param array<array-key, mixed> $answers by id
     */
    public function __construct(
        private array $ranks,
        private array $attacks,
        private array $answers,
        private Ladder $ladder,
    ) {}

    /** @return list<Student> */
    public function students(Fields $file): array
    {
        $flags = array_map(static fn (Hazard $hazard): string => 'no-'.$hazard->value, Hazard::cases());
        $students = [];
        foreach ($file->maps('students', ['id', 'name', 'rank', 'height', 'born', 'flags', 'ranks']) as $in) {
            $student = new Student(
                $in->id(),
                $in->text('name'),
                $in->reference('rank', $this->ranks, Text::of('file.rank-id')),
                $in->numberOr('height', null, 0.8, 2.4),
                $in->dayOr('born'),
                $in->choices('flags', $flags),
                $this->awards($in),
            );
            if ($in->isSound()) {
                $students[] = $student;
            }
        }

        return $students;
    }

    /** @return list<RankAward> */
    private function awards(Fields $student): array
    {
        $awards = [];
        foreach ($student->maps('ranks', ['rank', 'on', 'note']) as $in) {
            $rank = $in->reference('rank', $this->ranks, Text::of('file.rank-id'));
            $on = $in->dayOr('on');
            if ($on === null && $in->isSound()) {
                $in->refuse('on', Text::of('file.day'));
            }
            $note = $in->textOr('note', '', 500);
            if ($on !== null && $in->isSound()) {
                $awards[] = new RankAward($rank, $on, $note);
            }
        }

        return $awards;
    }

    /**
     * @param array<array-key, mixed> $students by id
     * @param array<array-key, mixed> $classes  by id
     * @param array<array-key, mixed> $ids      of every rep in the file
     *
     * @return list<Rep>
     */
    public function reps(Fields $file, array $students, array $classes, array $ids): array
    {
        $known = [
            'id', 'student', 'attack', 'side', 'rung', 'outcome', 'at', 'answer', 'mistakes', 'touched', 'seconds',
            'stressor', 'source', 'replaces', 'reason', 'attacker', 'class', 'rules', 'attacked_by',
        ];
        $reps = $replaced = $corrections = [];
        foreach ($file->maps('reps', $known, Format::RENAMED) as $index => $in) {
            $rep = new Rep(
                $in->uuid('id'),
                $in->reference('student', $students, Text::of('file.student-id')),
                $in->reference('attack', $this->attacks, Text::of('file.attack-id')),
                $in->word('side', Side::class),
                $in->whole('rung', 1, 99),
                $in->word('outcome', Outcome::class),
                $in->moment('at'),
                $this->details($in, $students, $classes),
            );
            $this->checkRep($in, $rep, $ids, $replaced);
            if ($in->isSound()) {
                $reps[] = $rep;
                if ($rep->details->replaces !== null) {
                    $corrections[$rep->id] = $index;
                }
            }
        }
        $this->checkCorrections($file, $reps, $corrections, $replaced);

        return $reps;
    }

    /**
     * @param array<array-key, mixed> $students by id
     * @param array<array-key, mixed> $classes  by id
     */
    private function details(Fields $in, array $students, array $classes): RepDetails
    {
        return new RepDetails(
            $in->has('answer') ? $in->reference('answer', $this->answers, Text::of('file.answer-id')) : null,
            $in->texts('mistakes'),
            $in->has('touched') ? $in->word('touched', Touched::class) : null,
            $in->numberOr('seconds', null, 0, RepLimits::SECONDS),
            $in->has('stressor') ? $in->text('stressor', RepLimits::STRESSOR) : null,
            $in->word('source', Source::class, Source::Seen),
            $in->has('replaces') ? $in->uuid('replaces') : null,
            $in->has('reason') ? $in->text('reason', RepLimits::REASON) : null,
            $in->has('attacker') ? $in->reference('attacker', $students, Text::of('file.student-id')) : null,
            $in->has('class') ? $in->reference('class', $classes, Text::of('file.class-id')) : null,
            $in->has('rules') ? $in->whole('rules', 1, RepLimits::RULES) : null,
            $in->has('attacked_by') ? $in->word('attacked_by', AttackedBy::class) : null,
        );
    }

    /**
     * A correction is of the same try as what it corrects, and no circle of corrections has a first one.
     *
     * @param list<Rep>           $reps
     * @param array<string, int>  $corrections places in the file, by id
     * @param array<string, true> $replaced    ids that are corrected
     */
    private function checkCorrections(Fields $file, array $reps, array $corrections, array $replaced): void
    {
        if ($corrections === []) {
            return;
        }
        $concerned = array_column(
            array_filter(
                $reps,
                static fn (Rep $rep): bool => isset($corrections[$rep->id]) || isset($replaced[$rep->id]),
            ),
            null,
            'id',
        );
        $leadsBack = [];
        foreach ($corrections as $id => $place) {
            $rep = $concerned[$id];
            $original = $concerned[$rep->details->replaces ?? ''] ?? null;
            if (
                $original !== null
                && [$rep->student, $rep->attack, $rep->side] !== [
                    $original->student,
                    $original->attack,
                    $original->side,
                ]
            ) {
                $file->report(
                    "reps/{$place}/replaces",
                    Text::of('file.other-try', ['rep' => (string) $rep->details->replaces]),
                    Text::of('file.same-try'),
                );
            }
            $chain = [];
            for (
                $at = $id;
                isset($concerned[$at]) && ! isset($chain[$at]) && ! isset($leadsBack[$at]);
                $at = $concerned[$at]->details->replaces ?? ''
            ) {
                $chain[$at] = false;
            }
            $isCircle = isset($chain[$at]) || ($leadsBack[$at] ?? false);
            if (isset($chain[$at])) {
                $file->report(
                    "reps/{$place}/replaces",
                    Text::of('file.circle', ['rep' => (string) $rep->details->replaces]),
                    Text::of('file.no-circle'),
                );
            }
            $leadsBack += array_fill_keys(array_keys($chain), $isCircle);
        }
    }

    /**
     * @param array<array-key, mixed> $ids
     * @param array<string, true>     $replaced ids that a rep of the file replaces already
     */
    private function checkRep(Fields $in, Rep $rep, array $ids, array &$replaced): void
    {
        if ($in->isSound() && ! $this->ladder->has($rep->rung)) {
            $in->refuse('rung', Text::of('file.rung', ['rungs' => array_map(strval(...), $this->ladder->ids())]));
        }
        if ($in->isSound() && $rep->details->attacker === $rep->student) {
            $in->refuse('attacker', Text::of('file.other-student'));
        }
        if ($in->isSound() && $rep->details->attacker !== null && $rep->details->attackedBy !== null) {
            $in->refuse('attacked_by', Text::of('file.one-attacker'));
        }
        if ($rep->details->replaces === null) {
            if ($rep->details->reason !== null) {
                $in->refuse('reason', Text::of('file.reason-alone'));
            }

            return;
        }
        if (! isset($ids[$rep->details->replaces]) || $rep->details->replaces === $rep->id) {
            $in->refuse('replaces', Text::of('file.other-rep'));
        } elseif (isset($replaced[$rep->details->replaces])) {
            $in->refuse('replaces', Text::of('file.replaced-once'));
        }
        $replaced[$rep->details->replaces] = true;
    }
}
