<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Windows;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Group;
use StoneDrill\Core\Session\Meetings;
use StoneDrill\Core\Session\Partners;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\Planner;
use StoneDrill\Core\Session\Round;
use StoneDrill\Core\Session\Taught;
use StoneDrill\Core\Session\TimetableException;

/** The plan of a class of a file: for those who came, or who are expected as long as nobody has. */
final readonly class PlanReport implements Report
{
    private function __construct(public PlannedClass $class, public ClassPlan $plan) {}

    /** @throws TimetableException when the minutes of its blocks cannot be shared out */
    public static function of(SchoolFile $file, PlannedClass $class): self
    {
        $catalogue = $file->catalogue;
        $youth = $catalogue->forYouth();
        $students = array_values(array_filter($file->students, static fn (Student $student): bool => $class->present === [] ? $class->ranks === [] || in_array($student->rank, $class->ranks, true) : in_array($student->id, $class->present, true)));
        $windows = Windows::of($file->reps, $catalogue->attacks, $catalogue->ladder, $class->at, ProofRules::of($catalogue->school->proof));
        $planner = new Planner($catalogue, Coverage::of($catalogue)->cells, $youth, Coverage::of($youth)->cells, $class->at);

        return new self($class, $planner->plan($class->id, $class->facts, $students, $windows, self::meetings($file, $class)));
    }

    private static function meetings(SchoolFile $file, PlannedClass $class): Meetings
    {
        $before = array_filter($file->classes, static fn (PlannedClass $one): bool => $one->at < $class->at && ! $one->isCancelled);
        usort($before, static fn (PlannedClass $a, PlannedClass $b): int => $b->at <=> $a->at);
        $pairs = array_fill_keys([...array_column($before, 'id'), $class->id], []);
        foreach ($file->reps as $rep) {
            if ($rep->details->attacker !== null && isset($pairs[$rep->details->class ?? ''])) {
                $pairs[$rep->details->class][] = [$rep->student, $rep->details->attacker];
            }
        }
        $today = array_pop($pairs);

        return Meetings::of(array_values($pairs), $today);
    }

    public function document(): array
    {
        $rounds = static fn (array $rounds): array => array_map(static fn (Round $round): array => ['pairs' => $round->pairs, 'over' => $round->over, 'joins' => $round->three], $rounds);

        return [
            'class' => $this->class->id,
            'minutes' => $this->class->facts->minutes,
            'blocks' => array_map(static fn (Block $block): array => ['kind' => $block->kind->value, 'minutes' => $block->minutes, 'locked' => $block->isLocked], $this->plan->blocks),
            'groups' => array_map(static fn (Group $group): array => [
                'students' => array_column($group->students, 'id'),
                'taught' => array_map(static fn (Taught $taught): array => ['answer' => $taught->answer, 'value' => $taught->value, 'untried' => $taught->untried, 'open' => $taught->open, 'basics_known' => $taught->known], $group->taught),
            ], $this->plan->groups),
            'basics' => $this->plan->basics,
            'partners' => array_map(static fn (Partners $partners): array => ['apart' => $partners->isApart, 'drill' => $rounds($partners->drill), 'pressure' => $rounds($partners->pressure)], $this->plan->partners),
        ];
    }
}
