<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\Window;

/** Plans classes of a school at a moment: the same people, proof and facts give the same plan, wherever it is asked for. */
final readonly class Planner
{
    public Teaching $teaching;

    private Teaching $youth;

    /** @var array<string, int> position by id of the rank */
    private array $order;

    /**
     * @param list<Cell> $cells      of the catalogue
     * @param Catalogue  $forYouth   the same as those under 16 learn it
     * @param list<Cell> $youthCells of that catalogue
     */
    public function __construct(Catalogue $catalogue, array $cells, Catalogue $forYouth, array $youthCells, private DateTimeImmutable $at)
    {
        $this->teaching = new Teaching($catalogue, $cells, $at);
        $this->youth = new Teaching($forYouth, $youthCells, $at);
        $this->order = $catalogue->rankOrder();
    }

    /**
     * @param string                               $id       of the class: another one has other partners
     * @param list<Student>                        $students in any order
     * @param array<string, array<string, Window>> $windows  by student, then the cell's key
     *
     * @throws TimetableException when the minutes cannot be shared out
     */
    public function plan(string $id, ClassFacts $facts, array $students, array $windows): ClassPlan
    {
        usort($students, fn (Student $a, Student $b): int => [$this->order[$a->rank], $a->id] <=> [$this->order[$b->rank], $b->id]);
        $young = array_values(array_map(static fn (Student $student): string => $student->id, array_filter($students, fn (Student $student): bool => $student->isYouthOn($this->at))));

        return ClassPlan::of(
            $facts->with($young, crc32($id)),
            $students,
            array_map(fn (Student $student): array => (in_array($student->id, $young, true) ? $this->youth : $this->teaching)->to($student, $windows[$student->id] ?? [], $this->at), $students),
            $this->teaching->basics(...),
            fn (array $those): array => array_map(fn (Student $student): Person => new Person($student->id, $this->order[$student->rank], $student->height), $those),
            new Meetings(),
        );
    }
}
