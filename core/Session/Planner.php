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
    /** Minutes to show an answer and have it repeated. */
    public const MINUTES_TO_TEACH = 4;

    /** What it is worth to somebody that the way to a test teaches an answer now: more than everything else together. */
    private const SEASON = 1_000.0;

    /** Minutes of a basic. */
    private const BASIC = 1;

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
     * @param Meetings                             $meetings who has worked with whom, by the ids of students
     * @param list<string>                         $season   ids of answers that the way to a test teaches in this class: they come first
     *
     * @throws TimetableException when the minutes cannot be shared out
     */
    public function plan(string $id, ClassFacts $facts, array $students, array $windows, Meetings $meetings = new Meetings(), array $season = []): ClassPlan
    {
        $blocks = Timetable::share($facts->minutes, $facts->blocks);
        usort($students, fn (Student $a, Student $b): int => [$this->order[$a->rank], $a->id] <=> [$this->order[$b->rank], $b->id]);
        $young = array_values(array_filter($students, fn (Student $student): bool => $student->isYouthOn($this->at)));
        $grown = array_values(array_filter($students, fn (Student $student): bool => ! $student->isYouthOn($this->at)));
        $taught = intdiv(Block::minutesOf($blocks, BlockKind::Teach), self::MINUTES_TO_TEACH);
        // Those under 16 are by themselves, with an instructor of their own; one who is alone goes from them to the others.
        $groups = [
            ...$this->groups($this->youth, $young, $windows, 1, $taught, $season),
            ...$this->groups($this->teaching, $grown, $windows, max(1, $facts->instructors - min(1, count($young))), $taught, $season),
        ];

        return new ClassPlan($blocks, $groups, $this->basics($groups, intdiv(Block::minutesOf($blocks, BlockKind::Basics), self::BASIC)), [
            ...$this->partners($young, true, $blocks, $meetings, crc32($id)),
            ...$this->partners($grown, false, $blocks, $meetings, crc32($id)),
        ]);
    }

    /**
     * @param list<Student>                        $students in the order of their ranks
     * @param array<string, array<string, Window>> $windows
     * @param list<string>                         $season
     *
     * @return list<Group>
     */
    private function groups(Teaching $teaching, array $students, array $windows, int $most, int $taught, array $season): array
    {
        $worth = array_map(fn (Student $student): array => $teaching->to($student, $windows[$student->id] ?? [], $this->at), $students);
        $first = array_fill_keys($season, self::SEASON);
        $values = array_map(static fn (array $one): array => self::values($one, $first), $worth);

        return array_map(static fn (Band $band): Group => new Group(
            array_slice($students, $band->from, $band->to - $band->from),
            self::taught($band, array_slice($worth, $band->from, $band->to - $band->from), $first),
        ), Bands::cut($values, $most, $taught));
    }

    /**
     * @param array<string, Worth|null> $worth  to one student
     * @param array<string, float>      $season what is added for what a way to a test teaches
     *
     * @return array<string, float|null>
     */
    private static function values(array $worth, array $season): array
    {
        $values = [];
        foreach ($worth as $answer => $of) {
            $values[$answer] = $of === null ? null : $of->value() + ($season[$answer] ?? 0.0);
        }

        return $values;
    }

    /**
     * @param list<array<string, Worth|null>> $worth  to each of the band
     * @param array<string, float>            $season what is added for what a way to a test teaches, by answer
     *
     * @return list<Taught>
     */
    private static function taught(Band $band, array $worth, array $season): array
    {
        $taught = [];
        foreach ($band->answers as $answer => $value) {
            $own = array_map(static fn (array $one): ?Worth => $one[$answer] ?? null, $worth);
            $taught[] = Taught::of((string) $answer, $value - ($season[$answer] ?? 0.0) * count(array_filter($own)), $own, isset($season[$answer]));
        }

        return $taught;
    }

    /**
     * @param list<Group> $groups
     *
     * @return list<string>
     */
    private function basics(array $groups, int $most): array
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

        return array_map(strval(...), array_slice(array_keys($count), 0, $most));
    }

    /**
     * @param list<Student> $students of one circle
     * @param list<Block>   $blocks
     *
     * @return list<Partners> none of nobody
     */
    private function partners(array $students, bool $isApart, array $blocks, Meetings $meetings, int $seed): array
    {
        if ($students === []) {
            return [];
        }
        $people = array_map(fn (Student $student): Person => new Person($student->id, $this->order[$student->rank], $student->height), $students);
        $first = self::roundsIn(Block::minutesOf($blocks, BlockKind::Drill));
        $rounds = (new Pairing($people, $meetings, seed: $seed))->rounds($first + self::roundsIn(Block::minutesOf($blocks, BlockKind::Pressure)));

        return [new Partners($isApart, array_slice($rounds, 0, $first), array_slice($rounds, $first))];
    }

    /** How often partners change in a block. */
    private static function roundsIn(int $minutes): int
    {
        return $minutes === 0 ? 0 : max(1, intdiv($minutes, self::ROUND));
    }
}
