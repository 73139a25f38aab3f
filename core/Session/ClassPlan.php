<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Curriculum\Student;

/** A class as it is proposed: its minutes, who is taught what by whom, who works with whom, and how many tries there is time for. */
final readonly class ClassPlan
{
    /** Minutes to show an answer and have it repeated. */
    public const TEACH = 4;

    /** Minutes of a basic. */
    public const BASIC = 1;

    /** Minutes that two work together before they change, at least. */
    public const ROUND = 3;

    /**
     * @param list<Block>       $blocks    those with minutes
     * @param list<Block>       $allBlocks those of none too, in their order
     * @param list<Group>       $groups
     * @param list<string>      $basics of what is taught, those of most answers first, as many as there is time for
     * @param list<Partners>    $partners of each circle: those who are apart, and the others
     */
    private function __construct(public array $blocks, public array $allBlocks, public array $groups, public array $basics, public array $partners) {}

    /**
     * @param list<Student>                              $students in the order of their ranks, the lowest first
     * @param list<array<string, Worth|null>>            $worth    what each answer is worth to each of them
     * @param callable(string): list<string>             $basics   of an answer
     * @param callable(list<Student>): list<Person>      $people   as pairing knows them
     *
     * @throws TimetableException when the minutes cannot be shared out
     */
    public static function of(ClassFacts $facts, array $students, array $worth, callable $basics, callable $people, Meetings $meetings): self
    {
        $blocks = Timetable::share($facts->minutes, $facts->blocks);
        $time = static fn (BlockKind $kind): int => array_sum(array_map(static fn (Block $block): int => $block->kind === $kind ? $block->minutes : 0, $blocks));
        $groups = self::groups($facts, $students, $worth, intdiv($time(BlockKind::Teach), self::TEACH));
        $circles = array_filter(self::parted($facts, $students), static fn (array $places): bool => $places !== []);

        return new self(
            array_values(array_filter($blocks, static fn (Block $block): bool => $block->minutes > 0 || $block->isLocked)),
            $blocks,
            $groups,
            self::basics($groups, $basics, intdiv($time(BlockKind::Basics), self::BASIC)),
            array_map(static fn (int $circle, array $places): Partners => self::partners($facts, $circle === 0, $people(self::at($students, $places)), $meetings, $time(BlockKind::Drill), $time(BlockKind::Pressure)), array_keys($circles), $circles),
        );
    }

    /**
     * @param list<Student>                   $students
     * @param list<array<string, Worth|null>> $worth
     *
     * @return list<Group>
     */
    private static function groups(ClassFacts $facts, array $students, array $worth, int $taught): array
    {
        $values = array_map(static fn (array $one): array => array_map(static fn (?Worth $of): ?float => $of?->value(), $one), $worth);
        [$apart, $others] = self::parted($facts, $students);
        $groups = [];
        // Those who are apart have an instructor of their own, and share one where there is only one.
        foreach ([[$apart, 1], [$others, max(1, $facts->instructors - min(1, count($apart)))]] as [$places, $most]) {
            foreach (Bands::cut(self::at($values, $places), $most, max(0, $taught)) as $band) {
                $those = array_slice($places, $band->from, $band->to - $band->from);
                $groups[] = new Group(self::at($students, $those), self::taught($band, self::at($worth, $those)));
            }
        }

        return $groups;
    }

    /**
     * @param list<array<string, Worth|null>> $worth to each of the band
     *
     * @return list<Taught>
     */
    private static function taught(Band $band, array $worth): array
    {
        $taught = [];
        foreach ($band->answers as $answer => $value) {
            $taught[] = Taught::of((string) $answer, $value, array_map(static fn (array $one): ?Worth => $one[$answer] ?? null, $worth));
        }

        return $taught;
    }

    /**
     * @param list<Student> $students
     *
     * @return array{list<int>, list<int>} places of those who are apart, and of the others
     */
    private static function parted(ClassFacts $facts, array $students): array
    {
        $apart = array_keys(array_filter($students, static fn (Student $student): bool => in_array($student->id, $facts->apart, true)));

        return [$apart, array_values(array_diff(array_keys($students), $apart))];
    }

    /**
     * @template T
     *
     * @param list<T>   $all
     * @param list<int> $places
     *
     * @return list<T>
     */
    private static function at(array $all, array $places): array
    {
        return array_map(static fn (int $place): mixed => $all[$place], $places);
    }

    /**
     * @param list<Group>                    $groups
     * @param callable(string): list<string> $basics
     *
     * @return list<string>
     */
    private static function basics(array $groups, callable $basics, int $most): array
    {
        $count = [];
        foreach ($groups as $group) {
            foreach ($group->taught as $taught) {
                foreach ($basics($taught->answer) as $basic) {
                    $count[$basic] = ($count[$basic] ?? 0) + 1;
                }
            }
        }
        arsort($count);

        return array_map(strval(...), array_slice(array_keys($count), 0, max(0, $most)));
    }

    /** @param list<Person> $people */
    private static function partners(ClassFacts $facts, bool $isApart, array $people, Meetings $meetings, int $drill, int $pressure): Partners
    {
        [$first, $second] = [self::roundsIn($drill), self::roundsIn($pressure)];
        $all = (new Pairing($people, $meetings, seed: $facts->seed))->rounds($first + $second);

        return new Partners($isApart, array_slice($all, 0, $first), array_slice($all, $first));
    }

    /** How often partners change in a block. */
    private static function roundsIn(int $minutes): int
    {
        return $minutes === 0 ? 0 : max(1, intdiv($minutes, self::ROUND));
    }
}
