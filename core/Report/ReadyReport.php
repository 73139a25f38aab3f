<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Windows;
use StoneDrill\Core\Session\Readiness;
use StoneDrill\Core\Session\TestItem;

/** How ready a student is for the test of a rank. */
final readonly class ReadyReport implements Report
{
    private function __construct(
        public Student $student,
        public Rank $rank,
        public DateTimeImmutable $at,
        public Readiness $readiness,
    ) {}

    public static function of(SchoolFile $file, Student $student, Rank $rank, DateTimeImmutable $at): self
    {
        $catalogue = $file->catalogue;
        $windows = Windows::of(
            $file->reps,
            $catalogue->attacks,
            $catalogue->ladder,
            $at,
            ProofRules::of($catalogue->school->proof),
        )[$student->id] ?? [];

        return new self($student, $rank, $at, Readiness::of($catalogue, $rank, $windows, $at));
    }

    public function document(): array
    {
        $chance = $this->readiness->chance();

        return [
            'pass' => $chance,
            'ready' => $this->readiness->isReady(),
            'items' => array_map(
                static fn (TestItem $item): array => [
                    'attack' => $item->attack->id,
                    'side' => $item->side->value,
                    'full' => $item->chances->full,
                    'half' => $item->chances->half,
                    'none' => $item->chances->none,
                    'critical' => $item->isCritical(),
                ],
                $this->readiness->items,
            ),
            'raise' => array_map(
                static fn (array $one): array => [
                    'attack' => $one[0]->attack->id,
                    'side' => $one[0]->side->value,
                    'pass_then' => $chance + $one[1],
                ],
                $this->readiness->most(),
            ),
        ];
    }
}
