<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Preparation;
use StoneDrill\Core\Proof\Window;

/**
 * Plans classes of a school at a moment: the same people, proof and facts give the same plan, wherever it is asked for.
 */
final readonly class Planner
{
    /** Share of the basics that is for those that are due anyway, at most, as long as tonight's need the rest. */
    private const DUE = 1 / 3;

    public Teaching $teaching;

    private Grouping $grouping;

    /** @var array<string, int> position by id of the rank */
    private array $order;

    /**
     * @param list<Cell> $cells      of the catalogue
     * @param Catalogue  $forYouth   the same as those under 16 learn it
     * @param list<Cell> $youthCells of that catalogue
     */
    public function __construct(
        private Catalogue $catalogue,
        array $cells,
        Catalogue $forYouth,
        array $youthCells,
        private DateTimeImmutable $at,
    ) {
        $this->teaching = new Teaching($catalogue, $cells, $at);
        $this->grouping = new Grouping(
            $this->teaching,
            new Teaching($forYouth, $youthCells, $at),
            new YouthRules($catalogue, $forYouth),
            $at,
        );
        $this->order = $catalogue->rankOrder();
    }

    /**
     * @param int                                  $seed     of who sits where: another one has other partners
     * @param list<Student>                        $students in any order
     * @param array<string, array<string, Window>> $windows  by student, then the cell's key
     * @param list<Preparation>                    $season   what the ways to tests teach in this class: to their
     *     candidates it comes first
     *
     * @throws TimetableException when the minutes cannot be shared out
     */
    public function plan(
        int $seed,
        ClassFacts $facts,
        array $students,
        array $windows,
        ClassesBefore $before = new ClassesBefore(),
        array $season = [],
    ): ClassPlan {
        $blocks = Timetable::share($facts->minutes, $facts->blocks, $facts->habits);
        usort(
            $students,
            fn (Student $a, Student $b): int => [$this->order[$a->rank], $a->id] <=> [$this->order[$b->rank], $b->id],
        );
        $young = array_values(array_filter($students, fn (Student $student): bool => $student->isYouthOn($this->at)));
        $grown = array_values(array_filter($students, fn (Student $student): bool => ! $student->isYouthOn($this->at)));
        $groups = $this->grouping->of(
            $students,
            $windows,
            $facts,
            $season,
            $before->answers,
            intdiv(Block::minutesOf($blocks, BlockKind::Teach), $facts->habits->teach),
        );
        $practice = $this->practice($students, Group::drilledBy($groups));

        return new ClassPlan(
            $blocks,
            $groups,
            $this->basics(
                $groups,
                $before->due,
                intdiv(Block::minutesOf($blocks, BlockKind::Basics), $facts->habits->basic),
            ),
            (new Circles(
                $this->people($young, $before->lackLarger),
                $this->people($grown, $before->lackLarger),
                $facts->wishes,
                $seed,
            ))->of(
                $blocks,
                $before->meetings,
                $practice,
            ),
            $practice,
        );
    }

    /** The seed of a class, by its id. */
    public static function seed(string $class): int
    {
        return crc32($class);
    }

    /**
     * What speaks against each two of some students as partners, whoever has met today: for pairs that are made anew
     * once somebody comes late or leaves.
     *
     * @param list<Student> $students
     *
     * @return list<list<float>> by their places
     */
    public function against(array $students, ClassesBefore $before, ClassWishes $wishes): array
    {
        $people = $this->people($students, $before->lackLarger);

        return (new Pairing($people, new Meetings($before->meetings->before), $wishes->mixesSizes))->costs();
    }

    /**
     * Everybody drills below their goal rung what is taught tonight and was in the last classes, and under pressure
     * whatever the school has an answer to at it.
     *
     * @param list<Student> $students
     * @param list<string>  $drilled  ids of answers
     *
     * @return array<string, Practice> by the kind of block
     */
    private function practice(array $students, array $drilled): array
    {
        $ladder = $this->catalogue->ladder;
        $goals = array_map(
            fn (Student $student): int => $this->catalogue->rank($student->rank)->goalRung,
            $students,
        );

        return [
            BlockKind::Drill->value => Practice::of(
                array_map($ladder->below(...), $goals),
                $this->teaching->average($drilled),
                $this->teaching->canHurt($drilled),
            ),
            BlockKind::Pressure->value => Practice::of(
                array_map($ladder->get(...), $goals),
                $this->teaching->average(),
                $this->teaching->canHurt(array_column($this->catalogue->answers, 'id')),
            ),
        ];
    }

    /**
     * Those of what is taught, and those that are due anyway: of what there is no time for all, a third is for the
     * latter.
     *
     * @param list<Group>  $groups
     * @param list<string> $due
     *
     * @return list<string>
     */
    private function basics(array $groups, array $due, int $most): array
    {
        $count = [];
        foreach ($groups as $group) {
            foreach ($group->taught as $taught) {
                foreach ($this->teaching->basics($taught->answer) as $basic) {
                    $count[$basic] = ($count[$basic] ?? 0) + 1;
                }
            }
        }
        arsort($count);
        $tonight = array_map(strval(...), array_keys($count));
        $due = array_values(array_diff($due, array_slice($tonight, 0, $most)));
        $kept = max($most - count($due), (int) ceil($most * (1 - self::DUE)));

        return array_slice(
            array_values(array_unique([...array_slice($tonight, 0, $kept), ...$due, ...$tonight])),
            0,
            $most,
        );
    }

    /**
     * @param list<Student> $students
     * @param list<string>  $lackLarger ids
     *
     * @return list<Person>
     */
    private function people(array $students, array $lackLarger): array
    {
        return array_map(
            fn (Student $student): Person => new Person(
                $student->id,
                $this->order[$student->rank],
                $student->height,
                in_array($student->id, $lackLarger, true),
            ),
            $students,
        );
    }
}
