<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Proof\Windows;

/** How many of a rank's students hold a cell at the rank's goal rung, now and in a while with no more reps. */
final readonly class ProvenShare
{
    /** Days after which it is looked at again. */
    private const AHEAD = 30;

    /**
     * @param array<string, int>             $students how many are of exactly a rank, by its id
     * @param array<string, array<string, array{int, int}>> $held how many hold it now and then, by rank and cell
     */
    private function __construct(private array $students, private array $held) {}

    /**
     * From all reps of a school: of exactly a rank is who had it on that day.
     *
     * @param list<Student> $students
     * @param list<Rep>     $reps
     */
    public static function of(Catalogue $catalogue, array $students, array $reps, DateTimeImmutable $at): self
    {
        $rankOf = array_combine(
            array_column($students, 'id'),
            array_map(static fn (Student $student): string => $student->rankOn($at), $students),
        );

        return self::ofWindows(
            $catalogue->ranks,
            $rankOf,
            Windows::of($reps, $catalogue->attacks, $catalogue->ladder, $at, ProofRules::of($catalogue->school->proof)),
            $at,
        );
    }

    /**
     * From what is kept of the reps.
     *
     * @param list<Rank>                                 $ranks
     * @param array<array-key, string>                   $rankOf  id of the rank, by student
     * @param iterable<array-key, array<string, Window>> $windows by student, then the cell's key; nothing after the
     *     moment
     */
    public static function ofWindows(array $ranks, array $rankOf, iterable $windows, DateTimeImmutable $at): self
    {
        $goals = array_column($ranks, 'goalRung', 'id');
        $held = [];
        foreach ($windows as $student => $ofStudent) {
            $rank = $rankOf[$student] ?? null;
            $held[$student] = $rank === null ? [] : self::heldBy($ofStudent, $goals[$rank], $at);
        }

        return self::ofHeld($rankOf, $held);
    }

    /**
     * What somebody holds at a rung.
     *
     * @param array<string, Window> $windows by the cell's key
     *
     * @return array<string, bool> by the cell's key, whether it will be held in a while with no more reps
     */
    public static function heldBy(array $windows, int $rung, DateTimeImmutable $at): array
    {
        $then = $at->modify(sprintf('+%d days', self::AHEAD));
        $held = [];
        foreach ($windows as $cell => $window) {
            if ($window->holds($rung, $at)) {
                $held[$cell] = $window->holds($rung, $then);
            }
        }

        return $held;
    }

    /**
     * From what each holds at the goal rung of the own rank.
     *
     * @param array<array-key, string>              $rankOf id of the rank, by student
     * @param array<array-key, array<string, bool>> $held   as {@see heldBy()} tells it, by student
     */
    public static function ofHeld(array $rankOf, array $held): self
    {
        $counts = [];
        foreach (array_intersect_key($rankOf, $held) as $student => $rank) {
            foreach ($held[$student] as $cell => $stays) {
                $counts[$rank][$cell] ??= [0, 0];
                $counts[$rank][$cell][0]++;
                $counts[$rank][$cell][1] += $stays ? 1 : 0;
            }
        }

        return new self(array_count_values(array_values($rankOf)), $counts);
    }

    /**
     * @return array{float, float}|null the share now and in 30 days; null where the rank has no students
     */
    public function share(string $rank, string $attack, Side $side): ?array
    {
        $students = $this->students($rank);
        [$now, $then] = $this->counted($rank, $attack, $side);

        return $students === 0 ? null : [$now / $students, $then / $students];
    }

    /** How many students are of exactly a rank. */
    public function students(string $rank): int
    {
        return $this->students[$rank] ?? 0;
    }

    /** How many of them hold it now. */
    public function held(string $rank, string $attack, Side $side): int
    {
        return $this->counted($rank, $attack, $side)[0];
    }

    /** @return array{int, int} */
    private function counted(string $rank, string $attack, Side $side): array
    {
        return $this->held[$rank][(new CellKey($attack, $side))->text] ?? [0, 0];
    }
}
