<?php

declare(strict_types=1);

namespace App\View\Classes;

use Carbon\CarbonImmutable;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Group;
use StoneDrill\Core\Session\Taught;

/** What each group of a class is taught, and why, and what it drills. */
final readonly class TaughtGroups
{
    /** Answers of the last classes that are told; the others are counted. */
    private const AGAIN = 8;

    /**
     * @param array<string, array{title: string, id: int}> $answers by code
     * @param array<string, string>                        $ranks   names, by code
     * @param CarbonImmutable                              $at      when the class begins
     */
    public function __construct(
        private Catalogue $catalogue,
        private array $answers,
        private array $ranks,
        private CarbonImmutable $at,
    ) {}

    /**
     * @return list<array{names: string, ranks: string, taught: list<array{title: string, code: string, url: string,
     *     why: string}>, drilled: list<array{title: string, code: string, url: string}>, more: int, rungs: string}> of
     *     each group who it is, what it is taught, and what it drills besides at which rungs
     */
    public function groups(ClassPlan $plan): array
    {
        return array_map(
            fn (Group $group): array => [
                'names' => implode(', ', array_column($group->students, 'name')),
                'ranks' => $this->who($group),
                'taught' => array_map(
                    fn (Taught $taught): array => [...$this->answer($taught->answer), 'why' => $this->why($taught)],
                    $group->taught,
                ),
                ...$this->drilled($group),
                'rungs' => $this->rungs($group),
            ],
            $plan->groups,
        );
    }

    /** From which rank to which, and whether all are under 16. */
    private function who(Group $group): string
    {
        $ends = array_map(fn (Student $student): string => $this->ranks[$student->rank] ?? $student->rank, [
            $group->students[0],
            $group->students[count($group->students) - 1],
        ]);

        return implode(' – ', array_unique($ends))
            .(array_all($group->students, fn (Student $student): bool => $student->isYouthOn($this->at))
                ? __('classes.partners.apart')
                : '');
    }

    /** @return array{title: string, code: string, url: string} */
    private function answer(string $code): array
    {
        $answer = $this->answers[$code] ?? null;

        return [
            'title' => $answer['title'] ?? $code,
            'code' => $code,
            'url' => $answer === null ? '' : route('answers.show', $answer['id']),
        ];
    }

    /** @return array{drilled: list<array{title: string, code: string, url: string}>, more: int} besides tonight's */
    private function drilled(Group $group): array
    {
        $again = array_values(array_diff($group->drilled, array_column($group->taught, 'answer')));

        return [
            'drilled' => array_map($this->answer(...), array_slice($again, 0, self::AGAIN)),
            'more' => max(0, count($again) - self::AGAIN),
        ];
    }

    /** At which rungs those of a group drill. */
    private function rungs(Group $group): string
    {
        $rungs = [];
        foreach ($group->students as $student) {
            $rung = $this->catalogue->ladder->below($this->catalogue->rank($student->rank)->goalRung);
            $rungs[$rung->id] = "{$rung->id} {$rung->name}";
        }
        ksort($rungs);

        return implode(', ', $rungs);
    }

    private function why(Taught $taught): string
    {
        return ($taught->goesFor === null
            ? ''
            : __('classes.for-test', ['rank' => $this->ranks[$taught->goesFor] ?? $taught->goesFor]).' ')
            .__('classes.why', [
                'value' => number_format($taught->value, 1),
                'untried' => trans_choice('classes.untried', $taught->untried),
                'open' => trans_choice('classes.open', $taught->open),
                'known' => round(100 * $taught->known),
            ]);
    }
}
