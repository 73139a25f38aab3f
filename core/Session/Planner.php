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
    /**
     * What it is worth to somebody that the way to a test teaches an answer now: more than everything else together.
     */
    private const SEASON = 1_000.0;

    /** Share of the basics that is for those that are due anyway, at most, as long as tonight's need the rest. */
    private const DUE = 1 / 3;

    /** Minutes that two work together before they change, at least. */
    private const ROUND = 3;

    public Teaching $teaching;

    private Teaching $youth;

    /** @var array<string, int> position by id of the rank */
    private array $order;

    /**
     * @param list<Cell> $cells      of the catalogue
     * @param Catalogue  $forYouth   the same as those under 16 learn it
     * @param list<Cell> $youthCells of that catalogue
     */
    public function __construct(
        Catalogue $catalogue,
        array $cells,
        Catalogue $forYouth,
        array $youthCells,
        private DateTimeImmutable $at,
    ) {
        $this->teaching = new Teaching($catalogue, $cells, $at);
        $this->youth = new Teaching($forYouth, $youthCells, $at);
        $this->order = $catalogue->rankOrder();
    }

    /**
     * @param string                               $id       of the class: another one has other partners
     * @param list<Student>                        $students in any order
     * @param array<string, array<string, Window>> $windows  by student, then the cell's key
     * @param Meetings                             $meetings who has worked with whom, by the ids of students
     * @param list<string>                         $due      basics that are due whatever is taught: their mark is
     *     missing, or their mistakes grow
     * @param list<string>                         $lackLarger ids of students whom nobody larger ever attacked
     * @param list<Preparation>                    $season   what the ways to tests teach in this class: to their
     *     candidates it comes first
     *
     * @throws TimetableException when the minutes cannot be shared out
     */
    public function plan(
        string $id,
        ClassFacts $facts,
        array $students,
        array $windows,
        Meetings $meetings = new Meetings(),
        array $season = [],
        array $due = [],
        array $lackLarger = [],
    ): ClassPlan {
        $blocks = Timetable::share($facts->minutes, $facts->blocks, $facts->habits);
        usort(
            $students,
            fn (Student $a, Student $b): int => [$this->order[$a->rank], $a->id] <=> [$this->order[$b->rank], $b->id],
        );
        $young = array_values(array_filter($students, fn (Student $student): bool => $student->isYouthOn($this->at)));
        $grown = array_values(array_filter($students, fn (Student $student): bool => ! $student->isYouthOn($this->at)));
        $taught = intdiv(Block::minutesOf($blocks, BlockKind::Teach), $facts->habits->teach);
        // Those under 16 are by themselves, with an instructor of their own; one who is alone goes from them to the
        // others.
        $groups = [
            ...$this->groups($this->youth, $young, $windows, 1, $taught, $season, $facts->wishes),
            ...$this->groups(
                $this->teaching,
                $grown,
                $windows,
                max(1, $facts->instructors - min(1, count($young))),
                $taught,
                $season,
                $facts->wishes,
            ),
        ];

        return new ClassPlan(
            $blocks,
            $groups,
            $this->basics($groups, $due, intdiv(Block::minutesOf($blocks, BlockKind::Basics), $facts->habits->basic)),
            [
                ...$this->partners(
                    $this->people($young, $lackLarger),
                    true,
                    $blocks,
                    $meetings,
                    crc32($id),
                    $facts->wishes,
                ),
                ...$this->partners(
                    $this->people($grown, $lackLarger),
                    false,
                    $blocks,
                    $meetings,
                    crc32($id),
                    $facts->wishes,
                ),
            ],
        );
    }

    /**
     * @param list<Student>                        $students in the order of their ranks
     * @param array<string, array<string, Window>> $windows
     * @param list<Preparation>                    $season
     *
     * @return list<Group>
     */
    private function groups(
        Teaching $teaching,
        array $students,
        array $windows,
        int $most,
        int $taught,
        array $season,
        ClassWishes $wishes,
    ): array {
        $ahead = array_map(
            static fn (Student $student): array => Preparation::ofStudent($season, $student->id),
            $students,
        );
        $worth = array_map(
            fn (Student $student, array $ahead): array => array_diff_key(
                $teaching->to($student, $windows[$student->id] ?? [], $this->at, $wishes->teach, $ahead),
                array_fill_keys($wishes->skip, true),
            ),
            $students,
            $ahead,
        );
        $first = array_map(
            static fn (array $ahead): array => array_fill_keys($wishes->teach, 2 * self::SEASON)
                + array_map(static fn (): float => self::SEASON, $ahead),
            $ahead,
        );
        $values = array_map(self::values(...), $worth, $first);

        return array_map(
            static fn (Band $band): Group => new Group(
                array_slice($students, $band->from, $band->to - $band->from),
                self::taught(
                    $band,
                    array_slice($worth, $band->from, $band->to - $band->from),
                    array_slice($first, $band->from, $band->to - $band->from),
                    array_slice($ahead, $band->from, $band->to - $band->from),
                ),
            ),
            Bands::cut($values, $most, $taught),
        );
    }

    /**
     * @param array<string, Worth|null> $worth to one student
     * @param array<array-key, float>   $first what is added for what comes before all others, by answer
     *
     * @return array<string, float|null>
     */
    private static function values(array $worth, array $first): array
    {
        $values = [];
        foreach ($worth as $answer => $of) {
            $values[$answer] = $of === null ? null : $of->value() + ($first[$answer] ?? 0.0);
        }

        return $values;
    }

    /**
     * @param list<array<string, Worth|null>> $worth to each of the band
     * @param list<array<array-key, float>>   $first what is added for what comes before all others to each, by answer
     * @param list<array<array-key, string>>  $ahead as {@see Preparation::ofStudent()} has it, of each
     *
     * @return list<Taught>
     */
    private static function taught(Band $band, array $worth, array $first, array $ahead): array
    {
        $taught = [];
        foreach ($band->answers as $answer => $value) {
            $own = array_map(static fn (array $one): ?Worth => $one[$answer] ?? null, $worth);
            $added = array_map(
                static fn (array $one, ?Worth $of): float => $of === null ? 0.0 : $one[$answer] ?? 0.0,
                $first,
                $own,
            );
            $whose = array_search(self::SEASON, $added, true);
            $taught[] = Taught::of(
                (string) $answer,
                $value - array_sum($added),
                $own,
                $whose === false ? null : $ahead[$whose][$answer],
            );
        }

        return $taught;
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
     * @param list<Person> $people of one circle
     * @param list<Block>  $blocks
     *
     * @return list<Partners> none of nobody
     */
    private function partners(
        array $people,
        bool $isApart,
        array $blocks,
        Meetings $meetings,
        int $seed,
        ClassWishes $wishes,
    ): array {
        if ($people === []) {
            return [];
        }
        $first = self::roundsIn(Block::minutesOf($blocks, BlockKind::Drill));
        $rounds = (new Pairing($people, $meetings, $wishes->mixesSizes, $seed, $wishes->stepsIn))->rounds(
            $first + self::roundsIn(Block::minutesOf($blocks, BlockKind::Pressure)),
        );

        return [new Partners($isApart, array_slice($rounds, 0, $first), array_slice($rounds, $first))];
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

    /** How often partners change in a block. */
    private static function roundsIn(int $minutes): int
    {
        return $minutes === 0 ? 0 : max(1, intdiv($minutes, self::ROUND));
    }
}
