<?php

declare(strict_types=1);

namespace Tests\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Checks\Hazards;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\ClassHabits;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Eligibility;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\Windows;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Group;
use StoneDrill\Core\Session\Planner;
use StoneDrill\Core\Session\Timetable;
use Tests\Support\Made;

/** What the tests of ClassPlan share. */
final class ClassPlanFixture
{
    /** A wrist for rank a, a hug for b, a push for c, and an answer to each that leaves. */
    public static function catalogue(): Catalogue
    {
        $wrist = Made::attack(id: 'wrist', neededBy: 'a', prevalence: 4);
        $hug = Made::attack(
            'hug-behind-free',
            ['hand' => 'both', 'bearing' => '6', 'notice' => 'off-guard'],
            'hug',
            'b',
            3,
        );
        $push = Made::attack(id: 'late', neededBy: 'c', prevalence: 5);

        return Made::catalogue(
            [$wrist, $hug, $push],
            [
                Made::answer('off', $wrist, 'a', true),
                Made::answer('out', $hug, 'b', true),
                Made::answer('past', $push, 'c', true),
            ],
        );
    }

    /** For whom every answer works, and those under 16 learn what all do. */
    public static function planner(Catalogue $catalogue): Planner
    {
        $cells = self::cells($catalogue);

        return new Planner($catalogue, $cells, $catalogue->forYouth(), $cells, new DateTimeImmutable(Made::NOW));
    }

    /** @return list<Block> with time to teach one answer */
    public static function oneAnswer(): array
    {
        return [new Block(BlockKind::Teach, 4, true), new Block(BlockKind::Drill)];
    }

    /** Every answer works against what it was written for. @return list<Cell> */
    public static function cells(Catalogue $catalogue): array
    {
        $order = $catalogue->rankOrder();
        $cells = [];
        foreach ($catalogue->answers as $answer) {
            $attack = $catalogue->attack($answer->attack);
            foreach ($attack->sides() as $side) {
                $cells[] = new Cell(
                    $attack,
                    $side,
                    [$answer->id],
                    [$answer->id => $answer->introducedAt($order)],
                    $answer->teaching->rank,
                    $answer->teaching->rank,
                );
            }
        }

        return $cells;
    }

    /**
     * @return array{ClassPlan, list<Student>, list<string>, callable(list<Student>): ClassPlan} the plan, who is there,
     *     the ids of those under 16, and a plan for others
     */
    public static function demo(
        int $minutes,
        int $instructors,
        int $people = 28,
        ClassHabits $habits = new ClassHabits(),
    ): array {
        static $read = null;
        $now = new DateTimeImmutable(Made::NOW);
        [$file, $cells, $youthCells, $windows] = $read ??= self::read($now);
        $catalogue = $file->catalogue;
        $students = array_slice($file->students, 0, $people);
        $young = array_column(
            array_filter($students, static fn (Student $student): bool => $student->isYouthOn($now)),
            'id',
        );
        $planner = new Planner($catalogue, $cells, $catalogue->forYouth(), $youthCells, $now);
        $plan = static fn (array $those): ClassPlan => $planner->plan(
            1,
            new ClassFacts($minutes, Timetable::usual(), 10, $instructors, habits: $habits),
            $those,
            $windows,
        );

        return [$plan($students), $students, array_values($young), $plan];
    }

    /**
     * @param list<string> $answers ids
     *
     * @return list<string> what can hurt in some answers of the demo, and in what they answer
     */
    public static function hazards(array $answers): array
    {
        $catalogue = Made::demo();
        $hazards = [];
        foreach ($answers as $id) {
            $answer = $catalogue->answer($id);
            $kind = $catalogue->attack($answer->attack)->kind;
            array_push($hazards, ...Hazards::ofBeats($answer->beats), ...Hazards::ofAttack($kind));
        }

        return array_values(array_unique(array_column($hazards, 'value')));
    }

    /** Asks for each answer and each student of a group, with the policy read anew. */
    public static function expectNothingBarred(Group $group): void
    {
        $now = new DateTimeImmutable(Made::NOW);
        $catalogue = Made::demo();
        foreach ($group->students as $student) {
            $read = $student->isYouthOn($now) ? $catalogue->forYouth() : $catalogue;
            $eligibility = new Eligibility($read, $now);
            $answers = array_column($read->answers, null, 'id');
            foreach ($group->taught as $taught) {
                $answer = $answers[$taught->answer];
                expect($eligibility->opens($student, $read->attack($answer->attack), $answer))->toBeTrue(
                    "{$student->id} {$taught->answer}",
                );
            }
        }
    }

    /**
     * @return array{SchoolFile, list<Cell>, list<Cell>, array<string, array<string, \StoneDrill\Core\Proof\Window>>}
     */
    private static function read(DateTimeImmutable $now): array
    {
        $file = (new CatalogueReader())->read(
            (string) file_get_contents(dirname(__DIR__, 3).'/database/demo/cinder-quay.yaml'),
            Format::Yaml,
        );
        $catalogue = $file->catalogue;

        return [
            $file,
            Coverage::of($catalogue)->cells,
            Coverage::of($catalogue->forYouth())->cells,
            Windows::of($file->reps, $catalogue->attacks, $catalogue->ladder, $now),
        ];
    }
}
