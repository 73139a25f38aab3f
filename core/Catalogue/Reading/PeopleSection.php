<?php

declare(strict_types=1);

namespace StoneDrill\Core\Catalogue\Reading;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Catalogue\Hazard;
use StoneDrill\Core\Catalogue\Student;
use StoneDrill\Core\Pressure\Ladder;
use StoneDrill\Core\Pressure\Outcome;
use StoneDrill\Core\Pressure\Rep;
use StoneDrill\Core\Pressure\Source;
use StoneDrill\Core\Pressure\Touched;

/** Reads `students` and `reps`. */
final readonly class PeopleSection
{
    /**
     * @param array<array-key, mixed> $ranks   by id
     * @param array<array-key, mixed> $attacks by id
     * @param array<array-key, mixed> $answers by id
     */
    public function __construct(private array $ranks, private array $attacks, private array $answers, private Ladder $ladder) {}

    /** @return list<Student> */
    public function students(Fields $file): array
    {
        $flags = array_map(static fn (Hazard $hazard): string => 'no-'.$hazard->value, Hazard::cases());
        $students = [];
        foreach ($file->maps('students', ['id', 'name', 'rank', 'height', 'born', 'flags']) as $in) {
            $student = new Student(
                $in->id(),
                $in->text('name'),
                $in->reference('rank', $this->ranks, 'the id of a rank'),
                $in->numberOr('height', null, 0.8, 2.4),
                $in->dayOr('born'),
                $in->choices('flags', $flags),
            );
            if ($in->isSound()) {
                $students[] = $student;
            }
        }

        return $students;
    }

    /**
     * @param array<array-key, mixed> $students by id
     * @param array<array-key, mixed> $ids      of every rep in the file
     *
     * @return list<Rep>
     */
    public function reps(Fields $file, array $students, array $ids): array
    {
        $known = ['id', 'student', 'attack', 'side', 'rung', 'outcome', 'at', 'answer', 'faults', 'touched', 'seconds', 'stressor', 'source', 'replaces', 'reason'];
        $reps = $replaced = [];
        foreach ($file->maps('reps', $known) as $in) {
            $rep = new Rep(
                $in->uuid('id'),
                $in->reference('student', $students, 'the id of a student'),
                $in->reference('attack', $this->attacks, 'the id of an attack'),
                $in->word('side', Side::class),
                $in->whole('rung', 1, 99),
                $in->word('outcome', Outcome::class),
                $in->moment('at'),
                $in->has('answer') ? $in->reference('answer', $this->answers, 'the id of an answer') : null,
                $in->texts('faults'),
                $in->has('touched') ? $in->word('touched', Touched::class) : null,
                $in->numberOr('seconds', null, 0, 3600),
                $in->has('stressor') ? $in->text('stressor') : null,
                $in->word('source', Source::class, Source::Seen),
                $in->has('replaces') ? $in->uuid('replaces') : null,
                $in->has('reason') ? $in->text('reason', 500) : null,
            );
            $this->checkRep($in, $rep, $ids, $replaced);
            if ($in->isSound()) {
                $reps[] = $rep;
            }
        }

        return $reps;
    }

    /**
     * @param array<array-key, mixed> $ids
     * @param array<string, true>     $replaced ids that a rep of the file replaces already
     */
    private function checkRep(Fields $in, Rep $rep, array $ids, array &$replaced): void
    {
        if ($in->isSound() && ! $this->ladder->has($rep->rung)) {
            $in->refuse('rung', 'a rung of the ladder: '.implode(', ', $this->ladder->ids()));
        }
        if ($rep->replaces === null) {
            if ($rep->reason !== null) {
                $in->refuse('reason', 'a reason only with `replaces`: it says why another rep is corrected');
            }

            return;
        }
        if (! isset($ids[$rep->replaces]) || $rep->replaces === $rep->id) {
            $in->refuse('replaces', 'the id of another rep of this file');
        } elseif (isset($replaced[$rep->replaces])) {
            $in->refuse('replaces', 'a rep that no other one replaces: correct the latest correction');
        }
        $replaced[$rep->replaces] = true;
    }
}
