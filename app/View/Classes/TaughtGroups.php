<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Student;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Group;
use StoneDrill\Core\Session\Taught;

/** What each group of a class is taught, and why. */
final readonly class TaughtGroups
{
    /**
     * @param array<string, Student>                         $students by code
     * @param array<string, array{title: string, id: int}> $answers  by code
     * @param array<string, string>                          $ranks    names, by code
     */
    public function __construct(private array $students, private array $answers, private array $ranks) {}

    /**
     * @return list<array{names: string, ranks: string, taught: list<array{title: string, code: string, url: string,
     *     why: string}>}>
     */
    public function groups(ClassPlan $plan): array
    {
        return array_map(
            fn (Group $group): array => [
                'names' => implode(
                    ', ',
                    array_map(static fn (CoreStudent $student): string => $student->name, $group->students),
                ),
                'ranks' => implode(
                    ' – ',
                    array_unique(
                        array_map(fn (CoreStudent $student): string => $this->students[$student->id]->rank->name, [
                            $group->students[0],
                            $group->students[count($group->students) - 1],
                        ]),
                    ),
                ),
                'taught' => array_map(
                    fn (Taught $taught): array => [
                        'title' => $this->answers[$taught->answer]['title'] ?? $taught->answer,
                        'code' => $taught->answer,
                        'url' => isset($this->answers[$taught->answer])
                            ? route('answers.show', $this->answers[$taught->answer]['id'])
                            : '',
                        'why' => $this->why($taught),
                    ],
                    $group->taught,
                ),
            ],
            $plan->groups,
        );
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
