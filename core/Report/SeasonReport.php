<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use DateTimeImmutable;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\Windows;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Session\Season\Ahead;
use StoneDrill\Core\Session\Season\Candidate;
use StoneDrill\Core\Session\Season\Forecast;
use StoneDrill\Core\Session\Season\Learning;
use StoneDrill\Core\Session\Season\Mend;
use StoneDrill\Core\Session\Season\SeasonClass;
use StoneDrill\Core\Session\Season\SeasonPlan;

/**
 * The way to a test of a file: what its classes teach and drill, how each candidate will stand, and what would make it
 * fit.
 */
final readonly class SeasonReport implements Report
{
    public function __construct(public SeasonPlan $plan, public Mend $mend, public Learning $learning) {}

    public static function of(SchoolFile $file, PlannedTest $test, DateTimeImmutable $now): self
    {
        $catalogue = $file->catalogue;
        $cells = Coverage::of($catalogue)->cells;
        $windows = Windows::of(
            $file->reps,
            $catalogue->attacks,
            $catalogue->ladder,
            $now,
            ProofRules::of($catalogue->school->proof),
        );
        $candidates = array_values(
            array_map(
                static fn (Student $student): Candidate => new Candidate($student, $windows[$student->id] ?? []),
                array_filter(
                    $file->students,
                    static fn (Student $student): bool => in_array($student->id, $test->candidates, true),
                ),
            ),
        );
        $ahead = Ahead::of(
            $catalogue,
            $cells,
            $test,
            $file->students,
            $file->classes,
            $candidates,
            self::sequences($file->reps),
            $now,
        );

        return new self($ahead->plan, $ahead->mend, $ahead->learning);
    }

    /**
     * @param list<Rep> $reps
     *
     * @return list<list<bool>> whether each try was clean, in order of time, of each student and cell
     */
    private static function sequences(array $reps): array
    {
        $replaced = array_flip(
            array_filter(array_map(static fn (Rep $rep): ?string => $rep->details->replaces, $reps)),
        );
        $reps = array_filter(
            $reps,
            static fn (Rep $rep): bool => $rep->counts() && ! isset($replaced[$rep->id]),
        );
        usort($reps, static fn (Rep $a, Rep $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);
        $sequences = [];
        foreach ($reps as $rep) {
            $sequences["{$rep->student} {$rep->attack} {$rep->side->value}"][] = $rep->outcome === Outcome::Clean;
        }

        return array_values($sequences);
    }

    public function document(): array
    {
        return [
            'classes' => array_map(
                fn (int $place, SeasonClass $class): array => [
                    'class' => $class->id,
                    'teach' => $this->plan->teaches[$place] ?? [],
                    'drill' => array_map(
                        static fn (string $key, array $students): array => [
                            ...self::cell($key),
                            'students' => $students,
                        ],
                        array_map(strval(...), array_keys($drills = $this->plan->drills($place))),
                        $drills,
                    ),
                ],
                array_keys($this->plan->classes),
                $this->plan->classes,
            ),
            'candidates' => array_map(
                static fn (Forecast $forecast): array => [
                    'student' => $forecast->student->id,
                    'holds' => $forecast->holds,
                    'of' => $forecast->of,
                    'pass' => $forecast->pass,
                    'ready_on' => $forecast->readyOn === null ? null : gmdate('Y-m-d', $forecast->readyOn),
                ],
                $this->plan->forecasts,
            ),
            'fits' => $this->plan->fits(),
            'mend' => [
                'more_classes' => $this->mend->classes,
                'drop' => array_map(self::cell(...), $this->mend->drop),
                'date' => $this->mend->day === null ? null : gmdate('Y-m-d', $this->mend->day),
                'unanswered' => array_map(self::cell(...), $this->mend->unanswered),
            ],
            'learning' => [
                'tries' => $this->learning->tries,
                'error' => $this->learning->error,
                'seen' => $this->learning->seen,
            ],
        ];
    }

    /** @return array{attack: string, side: string} */
    private static function cell(string $key): array
    {
        [$attack, $side] = explode(' ', $key, 2);

        return ['attack' => $attack, 'side' => $side];
    }
}
