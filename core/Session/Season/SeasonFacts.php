<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\Expected;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\Practice;
use StoneDrill\Core\Session\RepCount;
use StoneDrill\Core\Session\Timetable;
use StoneDrill\Core\Session\TimetableException;

/** What classes of a school give a season: answers that there is time to teach, and tries under pressure. */
final readonly class SeasonFacts
{
    /**
     * @param list<Student> $students of the school
     * @param Practice      $practice what is tried under pressure
     */
    public function __construct(private array $students, private Practice $practice) {}

    /**
     * @param list<PlannedClass> $classes those that are called off, or whose minutes cannot be shared out, give nothing
     * @param bool               $areForAll whether all candidates come to each, whomever else it expects
     *
     * @return list<SeasonClass>
     */
    public function of(array $classes, bool $areForAll = false): array
    {
        $read = [];
        foreach ($classes as $class) {
            try {
                $blocks = $class->isCancelled ? [] : Timetable::share(
                    $class->facts->minutes,
                    $class->facts->blocks,
                    $class->facts->habits,
                );
            } catch (TimetableException) {
                $blocks = [];
            }
            $people = count(
                array_filter(
                    $this->students,
                    static fn (Student $student): bool => $class->expected->includes($student, $class->at),
                ),
            );
            $read[] = new SeasonClass(
                $class->id,
                $class->at->getTimestamp(),
                intdiv(Block::minutesOf($blocks, BlockKind::Teach), $class->facts->habits->teach),
                RepCount::each(
                    Block::minutesOf($blocks, BlockKind::Pressure),
                    $class->facts->placesIn(BlockKind::Pressure),
                    (int) ceil($people / 2),
                    $this->practice->try($class->facts->habits->between),
                ),
                $areForAll ? new Expected() : $class->expected,
            );
        }

        return $read;
    }
}
