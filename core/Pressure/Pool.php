<?php

declare(strict_types=1);

namespace StoneDrill\Core\Pressure;

use DateTimeImmutable;
use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Student;
use StoneDrill\Core\Coverage\Cell;

/** What students can be drilled on: what their ranks need and have an answer to, without what is barred. */
final readonly class Pool
{
    private Bar $bar;

    /** @var array<string, int> position by id of the rank */
    private array $order;

    /** @param list<Cell> $cells all of the catalogue, or those of the list that is drilled */
    public function __construct(Catalogue $catalogue, private array $cells, private DateTimeImmutable $at)
    {
        $this->bar = new Bar($catalogue, $at);
        $this->order = $catalogue->rankOrder();
    }

    /**
     * Every cell that the student's rank or a lower one needs and that she knows an answer to.
     *
     * @param array<string, Window> $windows what is kept of her reps, by `attack side`
     *
     * @return list<Ticket>
     */
    public function tickets(Student $student, int $rung, array $windows): array
    {
        $tickets = [];
        foreach ($this->needed($student) as $cell) {
            if ($this->bar->allowed($student, $cell) !== []) {
                $window = $windows[$cell->attack->id.' '.$cell->side->value] ?? Window::empty();
                $days = $window->last === null ? null : intdiv(max(0, $this->at->getTimestamp() - $window->last), 86_400);
                $tickets[] = new Ticket($cell, $window->evidence($rung, $this->at), $days);
            }
        }

        return $tickets;
    }

    /**
     * Why what she needs is left out.
     *
     * @return list<string> a sentence each
     */
    public function barred(Student $student): array
    {
        return array_values(array_unique(array_filter(array_map(fn (Cell $cell): ?string => $this->bar->reason($student, $cell), $this->needed($student)))));
    }

    /** @return list<Answer> those of a cell that she knows and may drill, the first taught first */
    public function answers(Student $student, Cell $cell): array
    {
        return $this->bar->allowed($student, $cell);
    }

    /**
     * Families of somebody's tries, the newest first.
     *
     * @param list<Rep>             $reps     hers, in any order; what another replaces left out
     * @param array<string, Family> $families by id of the attack
     *
     * @return list<Family>
     */
    public static function latest(array $reps, array $families): array
    {
        usort($reps, static fn (Rep $a, Rep $b): int => [$b->at, $b->id] <=> [$a->at, $a->id]);

        return array_map(static fn (Rep $rep): Family => $families[$rep->attack], $reps);
    }

    /** @return list<Cell> */
    private function needed(Student $student): array
    {
        $rank = $this->order[$student->rank];
        $isYouth = $student->isYouthOn($this->at);

        return array_values(array_filter($this->cells, function (Cell $cell) use ($rank, $isYouth): bool {
            $need = $cell->attack->need($isYouth);

            return $need !== null && $this->order[$need] <= $rank && $cell->laidAt !== null && $this->order[$cell->laidAt] <= $rank;
        }));
    }
}
