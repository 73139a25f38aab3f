<?php

declare(strict_types=1);

namespace App\Persistence;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeZone;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\RepDetails;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Session\Ages;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\Expected;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Session\Timetable;

/**
 * The week of the made-up school: a class for each evening of the last four weeks on which somebody was tried,
 * tonight’s, those that are to come, and the test that they lead to.
 */
final readonly class DemoClasses
{
    /** Weeks until the test that is planned. */
    private const UNTIL_TEST = 5;

    private const PLACE = 'Cinder Quay, loft';

    /** Weeks of classes that were kept. */
    private const KEPT = 4;

    /** An answer that holds up less well where the attacker is larger, so that what reps tell of sizes can be seen. */
    private const HARDER_AGAINST_LARGER = 'slack-line';

    /** Metres by which somebody is larger. */
    private const LARGER = 0.1;

    /** @param array<string, float|null> $heights in metres, by id of the student */
    private function __construct(private CarbonImmutable $today, private DateTimeZone $zone, private array $heights) {}

    /** The file with its classes and its test; each try in a class has somebody who attacked. */
    public static function in(SchoolFile $file, CarbonImmutable $today): SchoolFile
    {
        $classes = new self(
            $today,
            new DateTimeZone($file->catalogue->school->conventions->zone),
            array_column($file->students, 'height', 'id'),
        );
        $present = $classes->present($file->reps);

        return new SchoolFile(
            $file->catalogue,
            $file->students,
            $classes->attacked($file->reps, $present),
            classes: $classes->evenings($present),
            tests: [$classes->test($file)],
            basics: $file->basics,
            forms: $file->forms,
            marks: $file->marks,
            footage: $file->footage,
        );
    }

    /**
     * @param list<Rep> $reps
     *
     * @return array<string, list<string>> ids of students by the day on which they were tried
     */
    private function present(array $reps): array
    {
        $present = [];
        foreach ($reps as $rep) {
            if ($this->isInClass($rep)) {
                $present[$this->day($rep)][$rep->student] = $rep->student;
            }
        }

        return array_map(array_values(...), $present);
    }

    /**
     * @param array<string, list<string>> $present
     *
     * @return list<PlannedClass> tonight’s, those that were, and two a week until the test
     */
    private function evenings(array $present): array
    {
        $first = $this->today->setTimezone($this->zone);
        $classes = [$this->evening('class-tonight', $first->format('Y-m-d'))];
        foreach ($present as $on => $students) {
            $classes[] = $this->evening("class-{$on}", $on, $students);
        }
        foreach (range(1, 2 * self::UNTIL_TEST - 1) as $number) {
            $on = $first->addDays(intdiv(7 * $number, 2))->format('Y-m-d');
            $classes[] = $this->evening("class-{$on}", $on);
        }

        return [...$classes, $this->cadets($first)];
    }

    /** A shorter class for those under 16, on the Saturday after the next one. */
    private function cadets(CarbonImmutable $first): PlannedClass
    {
        $day = $first->next(CarbonImmutable::SATURDAY)->addWeek()->format('Y-m-d');

        return new PlannedClass(
            'class-cadets',
            new DateTimeImmutable("{$day} 10:00", $this->zone),
            new ClassFacts(45, Timetable::usual(), 4, 1, pads: 1),
            self::PLACE,
            new Expected(ages: Ages::Youth),
        );
    }

    /** @param list<string> $present ids of students */
    private function evening(string $id, string $day, array $present = []): PlannedClass
    {
        return new PlannedClass(
            $id,
            new DateTimeImmutable("{$day} 19:00", $this->zone),
            new ClassFacts(60, Timetable::usual(), 8, 3),
            self::PLACE,
            present: $present,
        );
    }

    /**
     * @param list<Rep>                   $reps
     * @param array<string, list<string>> $present
     *
     * @return list<Rep>
     */
    private function attacked(array $reps, array $present): array
    {
        $tries = [];
        foreach ($reps as $place => $rep) {
            if (! $this->isInClass($rep)) {
                continue;
            }
            $day = $this->day($rep);
            $turn = $tries[$day][$rep->student] = ($tries[$day][$rep->student] ?? -1) + 1;
            $reps[$place] = new Rep(
                ...[
                    ...get_object_vars($rep),
                    'details' => new RepDetails(
                        ...[
                            ...get_object_vars($rep->details),
                            'attacker' => $this->attacker($rep, $present[$day], $turn),
                            'class' => "class-{$day}",
                        ],
                    ),
                ],
            );
        }

        return $reps;
    }

    /**
     * In turn all the others; of what is harder against larger ones, one of those who made it so.
     *
     * @param list<string> $here ids of students
     */
    private function attacker(Rep $rep, array $here, int $turn): ?string
    {
        $own = (int) array_search($rep->student, $here, true);
        $others = [...array_slice($here, $own + 1), ...array_slice($here, 0, $own)];
        if ($others === []) {
            return null;
        }
        $turn %= count($others);
        $inTurn = [...array_slice($others, $turn), ...array_slice($others, 0, $turn)];
        $isClean = $rep->outcome === Outcome::Clean;
        $suits = fn (string $other): bool => $this->isLarger($other, $rep->student) !== $isClean;

        return $rep->details->answer === self::HARDER_AGAINST_LARGER
            ? array_values(array_filter($inTurn, $suits))[0] ?? $inTurn[0]
            : $inTurn[0];
    }

    private function isLarger(string $attacker, string $student): bool
    {
        return ($this->heights[$attacker] ?? 0.0) - ($this->heights[$student] ?? 0.0) > self::LARGER;
    }

    /** The test of the next rank for those of the lowest one who are no children any more. */
    private function test(SchoolFile $file): PlannedTest
    {
        [$lowest, $next] = $file->catalogue->ranks;
        $day = $this->today->setTimezone($this->zone)->addWeeks(self::UNTIL_TEST)->format('Y-m-d');
        $candidates = array_filter(
            $file->students,
            fn (Student $student): bool => $student->rank === $lowest->id && ! $student->isYouthOn($this->today),
        );

        return new PlannedTest(
            'winter-test',
            $next->id,
            new DateTimeImmutable("{$day} 10:00", $this->zone),
            array_values(array_column($candidates, 'id')),
        );
    }

    private function isInClass(Rep $rep): bool
    {
        return $rep->details->source === Source::Seen
            && $rep->at >= $this->today->subWeeks(self::KEPT)
            && $rep->at < $this->today->startOfDay();
    }

    private function day(Rep $rep): string
    {
        return $rep->at->setTimezone($this->zone)->format('Y-m-d');
    }
}
