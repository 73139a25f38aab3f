<?php

declare(strict_types=1);

namespace StoneDrill\Core\Drill;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Text;

/**
 * What students can be drilled on: what their ranks need and have an answer to, and what they prepare for a test,
 * without what is barred.
 */
final class Pool
{
    private readonly Eligibility $grownUps;

    private readonly Eligibility $youth;

    /** @var array<string, int> position by id of the rank */
    private readonly array $order;

    /** @var array<string, list<Cell>> what those who are alike in rank, age and flags can be drilled on */
    private array $open = [];

    /** @var array<string, list<Cell>> what a rank needs, of adults and of youth */
    private array $needed = [];

    /** @var array<string, array<string, array{Cell, list<Answer>}>> by the student, then the cell's key */
    private array $ahead = [];

    /**
     * @param list<Cell>        $cells      all of the catalogue, or those of the list that is drilled
     * @param Catalogue         $forYouth   the same as those under 16 learn it
     * @param list<Cell>        $youthCells of that catalogue
     * @param list<Preparation> $prepared   what the ways to coming tests have taught and had drilled
     */
    public function __construct(
        Catalogue $catalogue,
        private readonly array $cells,
        Catalogue $forYouth,
        private readonly array $youthCells,
        private readonly DateTimeImmutable $at,
        public readonly array $prepared = [],
    ) {
        $this->grownUps = new Eligibility($catalogue, $at);
        $this->youth = new Eligibility($forYouth, $at);
        $this->order = $catalogue->rankOrder();
    }

    /**
     * Every cell that the student's rank or a lower one needs and that the student knows an answer to, and those that
     * the way to a test has the student drill.
     *
     * @param array<string, Window> $windows what is kept of the student's reps, by the cell's key
     *
     * @return list<Ticket>
     */
    public function tickets(Student $student, int $rung, array $windows): array
    {
        return array_map(fn (Cell $cell): Ticket => $this->ticket($cell, $rung, $windows), $this->cells($student));
    }

    /** Whether a student is drilled on a cell for a coming test alone. */
    public function isAhead(Student $student, Cell $cell): bool
    {
        return isset($this->ahead($student)[$cell->key->text]);
    }

    /**
     * The same of what the rank is taught though it does not work: drawn only where a person asks for it.
     *
     * @param array<string, Window> $windows by the cell's key
     *
     * @return list<Ticket>
     */
    public function failing(Student $student, int $rung, array $windows): array
    {
        $rank = $this->order[$student->rank];
        $fails = array_filter(
            $this->cellsOf($student),
            fn (Cell $cell): bool => $this->isBy($cell->attack->need->rank, $rank)
                && $this->isBy($cell->taughtAt, $rank)
                && ! $this->isBy($cell->laidAt, $rank)
                && $this->bar($student)->allowed($student, $cell) !== [],
        );

        return array_values(array_map(fn (Cell $cell): Ticket => $this->ticket($cell, $rung, $windows), $fails));
    }

    /**
     * One of either.
     *
     * @param array<string, Window> $windows by the cell's key
     */
    public function ticket(Cell $cell, int $rung, array $windows): Ticket
    {
        $window = $windows[$cell->key->text] ?? Window::empty();
        $days = $window->last === null ? null : intdiv(max(0, $this->at->getTimestamp() - $window->last), 86_400);

        return new Ticket($cell, $window->evidence($rung, $this->at), $days);
    }

    /** @return list<Cell> what the student's rank needs and the student is not drilled on, one of each attack */
    private function shut(Student $student): array
    {
        $open = $shut = [];
        foreach ($this->cells($student) as $cell) {
            $open[spl_object_id($cell)] = true;
        }
        foreach ($this->needed($student) as $cell) {
            if (! isset($open[spl_object_id($cell)])) {
                $shut[$cell->attack->id] ??= $cell;
            }
        }

        return array_values($shut);
    }

    /** @return list<Cell> in the order of the catalogue, what is drilled for a test alone at the end */
    private function cells(Student $student): array
    {
        return [...$this->open($student), ...array_column($this->ahead($student), 0)];
    }

    /**
     * What the way to a test has taught a student, or has the student drill, as the rank that it is for is taught:
     * without what the student is drilled on already.
     *
     * @return array<string, array{Cell, list<Answer>}> with the answers that the student may drill, by the cell's key
     */
    private function ahead(Student $student): array
    {
        if (isset($this->ahead[$student->id])) {
            return $this->ahead[$student->id];
        }
        $ahead = [];
        foreach ($this->waysOf($student) as $way) {
            $open ??= array_column(array_column($this->open($student), 'key'), null, 'text');
            foreach ($this->cellsOf($student) as $cell) {
                $answers = isset($open[$cell->key->text]) || ! $this->isBy($cell->laidAt, $this->order[$way->rank])
                    ? []
                    : $this->prepared($student, $cell, $way);
                if ($answers !== []) {
                    $ahead[$cell->key->text] ??= [$cell, $answers];
                }
            }
        }

        return $this->ahead[$student->id] = $ahead;
    }

    /** @return list<Preparation> */
    private function waysOf(Student $student): array
    {
        return array_values(
            array_filter($this->prepared, static fn (Preparation $way): bool => $way->isFor($student->id)),
        );
    }

    /** @return list<Answer> those with which a way to a test has a student drill a cell; none where it does not */
    private function prepared(Student $student, Cell $cell, Preparation $way): array
    {
        $isDrilled = $way->drills($student->id, $cell->key->text);
        // Asked first, since hardly any cell is.
        if (! $isDrilled && array_intersect(array_keys($cell->worksFrom), $way->answers) === []) {
            return [];
        }
        $allowed = $this->bar($student)->allowed($student->at($way->rank), $cell);
        $isTaught = static fn (Answer $answer): bool => in_array($answer->id, $way->answers, true);
        if (! $isDrilled && ! array_any($allowed, $isTaught)) {
            return [];
        }
        $rank = $this->order[$student->rank];
        $known = array_filter(
            $allowed,
            fn (Answer $answer): bool => $isTaught($answer) || $answer->introducedAt($this->order) <= $rank,
        );

        return $known === [] ? $allowed : array_values($known);
    }

    /** @return list<Cell> */
    private function open(Student $student): array
    {
        $age = $student->born === null
            ? ''
            : intdiv((int) $this->at->format('Ymd') - (int) $student->born->format('Ymd'), 10_000);
        $alike = implode(' ', [$student->rank, $age, ...$student->flags]);

        return $this->open[$alike] ??= array_values(
            array_filter(
                $this->needed($student),
                fn (Cell $cell): bool => $this->bar($student)->allowed($student, $cell) !== [],
            ),
        );
    }

    /**
     * Why what the student needs is left out.
     *
     * @param int $most how many attacks are told of
     *
     * @return list<Text> a sentence each
     */
    public function barred(Student $student, int $most = PHP_INT_MAX): array
    {
        $cells = array_slice($this->shut($student), 0, $most);

        return array_values(
            array_unique(
                array_filter(
                    array_map(fn (Cell $cell): ?Text => $this->bar($student)->reason($student, $cell), $cells),
                ),
                SORT_REGULAR,
            ),
        );
    }

    /** @return list<Text> how far hazards may go with the student, a sentence each */
    public function levels(Student $student): array
    {
        $ways = $this->ahead($student) === [] ? [] : $this->waysOf($student);

        return $this->bar($student)->levels($student, array_column($ways, 'rank'));
    }

    /** How many attacks are left out. */
    public function countBarred(Student $student): int
    {
        return count($this->shut($student));
    }

    /** @return list<Answer> those of a cell that the student knows and may drill, the first taught first */
    public function answers(Student $student, Cell $cell): array
    {
        return $this->ahead($student)[$cell->key->text][1] ?? $this->bar($student)->allowed($student, $cell);
    }

    /**
     * Families of somebody's tries, the newest first.
     *
     * @param list<Rep>             $reps     the student's, in any order; what another replaces left out
     * @param array<string, Family> $families by id of the attack
     *
     * @return list<Family>
     */
    public static function latest(array $reps, array $families): array
    {
        usort($reps, static fn (Rep $a, Rep $b): int => [$b->at, $b->id] <=> [$a->at, $a->id]);

        return array_map(static fn (Rep $rep): Family => $families[$rep->attack], $reps);
    }

    private function bar(Student $student): Eligibility
    {
        return $student->isYouthOn($this->at) ? $this->youth : $this->grownUps;
    }

    /** @return list<Cell> what the student's rank needs and has an answer to that works */
    private function needed(Student $student): array
    {
        $rank = $this->order[$student->rank];
        $whose = $student->rank.($student->isYouthOn($this->at) ? ' youth' : '');

        return $this->needed[$whose] ??= array_values(
            array_filter(
                $this->cellsOf($student),
                fn (Cell $cell): bool => $this->isBy($cell->attack->need->rank, $rank)
                    && $this->isBy($cell->laidAt, $rank),
            ),
        );
    }

    /** @return list<Cell> */
    private function cellsOf(Student $student): array
    {
        return $student->isYouthOn($this->at) ? $this->youthCells : $this->cells;
    }

    /** Whether what comes with a rank has come by a position. */
    private function isBy(?string $rank, int $position): bool
    {
        return $rank !== null && $this->order[$rank] <= $position;
    }
}
