<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use DateTimeImmutable;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Session\Practice;
use StoneDrill\Core\Session\Teaching;

/** The way to a test, what would make it fit, and how fast the school learns. */
final readonly class Ahead
{
    /**
     * Share of the work that is done once it is planned; and of what is left then that each look at other classes
     * takes.
     */
    private const PLANNED = 0.5;
    private const LOOK = 0.15;

    private function __construct(public SeasonPlan $plan, public Mend $mend, public Learning $learning) {}

    /**
     * @param list<Cell>         $cells      of the catalogue
     * @param list<Student>      $everybody  of the school
     * @param list<PlannedClass> $classes    of the school
     * @param list<Candidate>    $candidates
     * @param list<list<bool>>   $sequences  whether each try was clean, in order of time, of each student and cell
     * @param callable(float): void|null $tell is told the share of the work that is done, as it goes
     */
    public static function of(
        Catalogue $catalogue,
        array $cells,
        PlannedTest $test,
        array $everybody,
        array $classes,
        array $candidates,
        array $sequences,
        DateTimeImmutable $now,
        ?callable $tell = null,
    ): self {
        $people = array_column($candidates, 'student');
        $leads = array_values(
            array_filter(
                $classes,
                static fn (PlannedClass $class): bool => $class->at >= $now && $test->isLedToBy($class, $people),
            ),
        );
        // To those that were chosen all candidates come.
        $rank = $catalogue->rank($test->rank);
        $practice = new Practice(
            $catalogue->ladder->get($rank->goalRung),
            (new Teaching($catalogue, $cells, $now))->average(),
        );
        $read = (new SeasonFacts($everybody, $practice))->of(
            $leads,
            areForAll: $test->classes !== [],
        );
        usort($read, static fn (SeasonClass $a, SeasonClass $b): int => $a->at <=> $b->at);
        $learning = Learning::fit($sequences);
        $season = new Season($catalogue, $cells, $rank, $now, $learning);
        $day = $test->at->getTimestamp();
        $share = 0.0;
        $plan = $season->plan($day, $read, $candidates, static function (int $done) use (
            $tell,
            $candidates,
            &$share,
        ): void {
            $share = (self::PLANNED * $done) / count($candidates);
            $tell === null || $tell($share);
        });
        $mending = new Mending($season, $day, $read, $candidates, static function () use ($tell, &$share): void {
            $share += self::LOOK * (1 - $share);
            $tell === null || $tell($share);
        });

        return new self($plan, $mending->of($plan), $learning);
    }
}
