<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Preparation;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\AnswerRecords;
use StoneDrill\Core\Proof\PartnerCounts;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Windows;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\ClassesBefore;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Group;
use StoneDrill\Core\Session\Meetings;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\Planner;
use StoneDrill\Core\Session\Round;
use StoneDrill\Core\Session\Taught;
use StoneDrill\Core\Session\TimetableException;
use StoneDrill\Core\Text;

/** The plan of a class of a file: for those who came, or who are expected as long as nobody has. */
final readonly class PlanReport implements Report
{
    public function __construct(public ClassPlan $plan, public ClassFacts $facts) {}

    /**
     * @param ?int $seed of who sits where; null for that of the class itself
     *
     * @throws TimetableException when the minutes of its blocks cannot be shared out
     */
    public static function of(SchoolFile $file, PlannedClass $class, ?int $seed = null): self
    {
        $catalogue = $file->catalogue;
        $youth = $catalogue->forYouth();
        $students = array_values(
            array_filter(
                $file->students,
                static fn (Student $student): bool => $class->present === []
                    ? $class->expected->includes($student, $class->at)
                    : in_array($student->id, $class->present, true),
            ),
        );
        $windows = Windows::of(
            $file->reps,
            $catalogue->attacks,
            $catalogue->ladder,
            $class->at,
            ProofRules::of($catalogue->school->proof),
        );
        $planner = new Planner(
            $catalogue,
            Coverage::of($catalogue)->cells,
            $youth,
            Coverage::of($youth)->cells,
            $class->at,
        );

        return new self(
            $planner->plan(
                $seed ?? Planner::seed($class->id),
                $class->facts,
                $students,
                $windows,
                self::before($file, $class),
                self::season($file, $class),
            ),
            $class->facts,
        );
    }

    /** @return list<Preparation> what the ways to tests teach in it, as they stand when it begins */
    private static function season(SchoolFile $file, PlannedClass $class): array
    {
        $taught = [];
        foreach ($file->tests as $test) {
            $candidates = array_filter(
                $file->students,
                static fn (Student $student): bool => in_array($student->id, $test->candidates, true),
            );
            if ($candidates !== [] && $test->isLedToBy($class, $candidates)) {
                $taught[] = new Preparation(
                    $test->rank,
                    $test->candidates,
                    SeasonReport::of($file, $test, $class->at)->plan->taught()[$class->id] ?? [],
                );
            }
        }

        return $taught;
    }

    /**
     * @param array<array-key, int> $used by the id of the answer
     *
     * @return list<string>
     */
    private static function mostFirst(array $used): array
    {
        ksort($used);
        arsort($used);

        return array_map(strval(...), array_keys($used));
    }

    private static function before(SchoolFile $file, PlannedClass $class): ClassesBefore
    {
        $before = array_filter(
            $file->classes,
            static fn (PlannedClass $one): bool => $one->at < $class->at && ! $one->isCancelled,
        );
        usort($before, static fn (PlannedClass $a, PlannedClass $b): int => $b->at <=> $a->at);
        $pairs = array_fill_keys([...array_column($before, 'id'), $class->id], []);
        $latest = array_column(array_slice($before, 0, ClassesBefore::DRILLED), 'id');
        $used = [];
        foreach ($file->reps as $rep) {
            if ($rep->details->answer !== null && in_array($rep->details->class, $latest, true)) {
                $used[$rep->details->answer] = ($used[$rep->details->answer] ?? 0) + 1;
            }
            if ($rep->details->attacker !== null && isset($pairs[$rep->details->class ?? ''])) {
                $pairs[$rep->details->class][] = [$rep->student, $rep->details->attacker];
            }
        }
        $today = array_pop($pairs);

        return new ClassesBefore(
            Meetings::of(array_values($pairs), $today),
            self::mostFirst($used),
            lackLarger: PartnerCounts::of(
                AnswerRecords::counted($file->reps, $class->at),
                EvidenceReport::heights($file->students),
            )->neverLarger,
        );
    }

    public function document(): array
    {
        return [
            'groups' => array_map(
                fn (Group $group): array => [
                    'ranks' => array_values(array_unique(array_column($group->students, 'rank'))),
                    'people' => array_column($group->students, 'id'),
                    'teaches' => array_map(
                        static fn (Taught $taught): array => ['answer' => $taught->answer, 'why' => self::why($taught)],
                        $group->taught,
                    ),
                    'drills' => $group->drilled,
                ],
                $this->plan->groups,
            ),
            'basics' => $this->plan->basics,
            'blocks' => array_map($this->block(...), $this->plan->blocks),
            'rounds' => $this->rounds(),
        ];
    }

    private static function why(Taught $taught): Text
    {
        return Text::of($taught->goesFor === null ? 'cli.plan.why' : 'cli.plan.why-for-test', [
            'rank' => $taught->goesFor ?? '',
            'value' => round($taught->value, 1),
            'untried' => $taught->untried,
            'open' => $taught->open,
            'known' => (int) round(100 * $taught->known),
        ]);
    }

    /** @return array<string, mixed> a block is for all groups, each doing its own */
    private function block(Block $block): array
    {
        $isPractice = in_array($block->kind, [BlockKind::Drill, BlockKind::Pressure], true);

        return [
            'kind' => $block->kind->value,
            'minutes' => $block->minutes,
            'locked' => $block->isLocked,
            'group' => null,
            'rung' => $isPractice ? $this->plan->practice[$block->kind->value]->rung?->id : null,
            'reps_each' => $isPractice ? $this->plan->repsEach($block->kind, $this->facts) : null,
        ];
    }

    /** @return list<array<string, mixed>> rounds of all circles that are at the same time are one */
    private function rounds(): array
    {
        $rounds = [];
        foreach ($this->plan->blocks as $place => $block) {
            foreach ($this->plan->roundsIn($block->kind) as $number => $circles) {
                $pairs = [];
                foreach ($circles as $round) {
                    array_push($pairs, ...self::pairs($round, count($pairs)));
                }
                $rounds[] = ['block' => $place, 'round' => $number + 1, 'pairs' => $pairs];
            }
        }

        return $rounds;
    }

    /**
     * @return list<array{place: int, attacker: ?string, defender: string, recorder: ?string}> the one who attacks
     *     first; who is alone works with an instructor
     */
    private static function pairs(Round $round, int $before): array
    {
        $pairs = array_map(
            static fn (int $place, array $pair): array => [
                'place' => $before + $place + 1,
                'attacker' => $pair[0],
                'defender' => $pair[1],
                'recorder' => $round->three === $place ? $round->over : null,
            ],
            array_keys($round->pairs),
            $round->pairs,
        );

        return $round->over === null || $round->three !== null
            ? $pairs
            : [
                ...$pairs,
                [
                    'place' => $before + count($pairs) + 1,
                    'attacker' => null,
                    'defender' => $round->over,
                    'recorder' => null,
                ],
            ];
    }
}
