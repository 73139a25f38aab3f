<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Check;
use StoneDrill\Core\Checks\Checks;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Scope;
use StoneDrill\Core\Checks\Severity;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Bodies;
use Tests\Support\Made;

/** Whoever asks for less is told the same of it: every answer of the demo, both sides, three pairs of bodies. */
dataset('scopes', [
    'what stops alone, or does where it is not close' => [
        Scope::stops(...),
        static fn (Finding $finding): bool => in_array(
            $finding->check,
            array_map(
                static fn (Check $check): CheckId => $check->rule()->id,
                array_filter(
                    Checks::all(),
                    static fn (Check $check): bool => $check->rule()->severity === Severity::Stop,
                ),
            ),
            true,
        ),
    ],
    'what makes holes alone' => [
        Scope::holes(...),
        static fn (Finding $finding): bool => in_array(
            $finding->check->value,
            ['policy', 'no-exit', 'unbranched'],
            true,
        ),
    ],
    'what is written alone' => [
        Scope::asWritten(...),
        static fn (Finding $finding): bool => $finding->check->value !== 'unbranched',
    ],
]);

it('finds in less what it finds in all', function (Closure $scope, Closure $isAsked) {
    $catalogue = Made::demo();
    $examiner = new Examiner(Standards::of($catalogue));
    $attacks = array_column($catalogue->attacks, null, 'id');
    $count = 0;
    foreach ($catalogue->answers as $answer) {
        foreach (Side::cases() as $side) {
            foreach ([new Bodies(1.68, 1.68), new Bodies(1.52, 1.85), new Bodies(1.85, 1.25)] as $bodies) {
                $examine = static fn (?Scope $scope): array => $examiner->examineIn(
                    $answer,
                    $attacks[$answer->attack],
                    $side,
                    $side === Side::Mirrored,
                    $bodies,
                    null,
                    $scope,
                )->findings;
                $wanted = array_values(array_filter($examine(null), $isAsked));
                expect($examine($scope()))->toEqual($wanted);
                $count += count($wanted);
            }
        }
    }
    expect($count)->toBeGreaterThan(10);
})->with('scopes');
