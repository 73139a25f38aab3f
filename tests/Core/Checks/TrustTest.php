<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Severity;
use StoneDrill\Core\Report\MadeMistake;
use Tests\Core\Checks\TrustFixture;

// What instructors show as right reads clean, and what they warn of is caught.

it('finds at most three of the sound answers wrong', function (): void {
    $wrong = [];
    foreach (TrustFixture::examinations() as $examination) {
        $stops = array_filter(
            $examination->findings,
            static fn (Finding $finding): bool => $finding->severity === Severity::Stop,
        );
        if ($stops !== []) {
            $wrong[] = $examination->trial->answer->id;
        }
    }

    // A front kick against a punch that comes two steps: half way in it is still out of the kick's reach.
    expect($wrong)->toBe(['punch-kick']);
});

it('catches every usual mistake', function (): void {
    $examiner = new Examiner(TrustFixture::standards());
    $unseen = [];
    foreach (TrustFixture::examinations() as $examination) {
        foreach (MadeMistake::of($examiner, $examination, Side::Written) as $made) {
            if ($made->breaks === null) {
                $unseen[] = "{$examination->trial->answer->id}: {$made->mistake->text}";
            }
        }
    }

    expect($unseen)->toBe([]);
});

it('has sound answers over all families, each with a mistake that is shown', function (): void {
    $answers = array_map(static fn ($examination) => $examination->trial, TrustFixture::examinations());
    $without = array_filter(
        $answers,
        static fn ($trial): bool => array_filter(
            $trial->answer->teaching->mistakes,
            static fn ($mistake): bool => $mistake->instead !== null,
        ) === [],
    );

    expect(count($answers))->toBeGreaterThanOrEqual(60)
        ->and(array_unique(array_map(static fn ($trial): string => $trial->attack->kind->family->value, $answers)))
        ->toHaveCount(10)
        ->and($without)->toBe([]);
});

it('finds the mirror of each as sound as the answer', function (): void {
    foreach (TrustFixture::examinations() as $examination) {
        $trial = $examination->trial;
        $mirrored = (new Examiner(TrustFixture::standards()))->examine(
            $trial->answer,
            $trial->attack,
            $trial->attack->side(StoneDrill\Core\Attack\Side::Mirrored),
            $trial->bodies,
        );
        $checks = static fn (array $findings): array => array_map(
            static fn (Finding $finding): string => $finding->check->value.' '.$finding->beat,
            array_filter($findings, static fn (Finding $finding): bool => $finding->severity === Severity::Stop),
        );

        expect($checks($mirrored->findings))->toBe($checks($examination->findings), $trial->answer->id);
    }
});
