<?php

declare(strict_types=1);

namespace App\View\Wall;

use App\Models\School;
use App\Models\SetupStep;
use App\Models\User;
use App\Persistence\CoverageBook;
use StoneDrill\Core\Coverage\Hole;

/** The most useful things that a new school does next, three at most. */
final readonly class NextSteps
{
    private const MAX = 3;

    public function __construct(private CoverageBook $coverages) {}

    /** @return list<NextStep> none once the school has seen enough of them */
    public function of(User $user): array
    {
        $school = $user->school;
        if ($school->setup !== SetupStep::NextSteps || ! $user->role->runsSchool()) {
            return [];
        }

        return array_slice(
            array_values(
                array_filter([
                    $school->attacks->isEmpty() ? self::step('attack', route('attacks.create'), 'add-attack') : null,
                    $school->attacks->isNotEmpty() && $school->answers()->doesntExist()
                        ? self::step('starter', route('school').'#starters', 'starters')
                        : null,
                    $school->attacks->isEmpty() ? null : self::heaviest($school, $this->coverages->of($school)->holes),
                    $school->students()->doesntExist()
                        ? self::step('student', route('students.create'), 'add-student')
                        : null,
                    $school->reps()->doesntExist() && $school->students()->exists()
                        ? self::step('rep', route('record'), 'record')
                        : null,
                ]),
            ),
            0,
            self::MAX,
        );
    }

    /** @param list<Hole> $holes the heaviest first */
    private static function heaviest(School $school, array $holes): ?NextStep
    {
        foreach ($holes as $hole) {
            $attack = $hole->attack === null ? null : $school->attacks->firstWhere('code', $hole->attack);
            if ($attack !== null) {
                return new NextStep(
                    __('beginning.next-steps.hole', ['reason' => say($hole->reason)]),
                    route('attacks.answers.create', $attack),
                    __('beginning.next-steps.add-answer'),
                );
            }
        }

        return null;
    }

    private static function step(string $text, string $url, string $label): NextStep
    {
        return new NextStep(__("beginning.next-steps.{$text}"), $url, __("beginning.next-steps.{$label}"));
    }
}
