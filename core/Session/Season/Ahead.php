<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use DateTimeImmutable;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Session\Teaching;

/** The way to a test, what would make it fit, and how fast the school learns. */
final readonly class Ahead
{
    private function __construct(public SeasonPlan $plan, public Mend $mend, public Learning $learning) {}

    /**
     * @param list<Cell>         $cells      of the catalogue
     * @param list<Student>      $everybody  of the school
     * @param list<PlannedClass> $classes    of the school
     * @param list<Candidate>    $candidates
     * @param list<list<bool>>   $sequences  whether each try was clean, in order of time, of each student and cell
     */
    public static function of(Catalogue $catalogue, array $cells, PlannedTest $test, array $everybody, array $classes, array $candidates, array $sequences, DateTimeImmutable $now): self
    {
        $leads = array_values(array_filter($classes, static fn (PlannedClass $class): bool => $class->at >= $now && $class->at <= $test->at && ($test->classes === [] || in_array($class->id, $test->classes, true))));
        $read = (new SeasonFacts($catalogue, $everybody, new Teaching($catalogue, $cells, $now)))->of($leads);
        usort($read, static fn (SeasonClass $a, SeasonClass $b): int => $a->at <=> $b->at);
        $learning = Learning::fit($sequences);
        $season = new Season($catalogue, $cells, $catalogue->rank($test->rank), $now, $learning);
        $day = $test->at->getTimestamp();
        $plan = $season->plan($day, $read, $candidates);

        return new self($plan, (new Mending($season, $day, $read, $candidates))->of($plan), $learning);
    }
}
