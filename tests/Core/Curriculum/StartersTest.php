<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Severity;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Report\MadeMistake;
use StoneDrill\Core\Technique\Action;
use Tests\Core\Curriculum\StartersFixture;

dataset('starters', StartersFixture::ANSWERED);

it('works on both sides, without a stop and with two warnings at most', function (string $name): void {
    foreach (StartersFixture::examinations($name) as $what => [, $examination]) {
        $count = static fn (Severity $severity): int => count(
            array_filter(
                $examination->findings,
                static fn (Finding $finding): bool => $finding->severity === $severity,
            ),
        );

        expect($examination->works())->toBeTrue($what)
            ->and($count(Severity::Stop))->toBe(0, $what)
            ->and($count(Severity::Warn))->toBeLessThanOrEqual(2, $what)
            ->and($examination->waived)->toBe([], $what);
    }
})->with('starters');

it('shows two usual mistakes of each, and what they break, on both sides', function (string $name): void {
    foreach (StartersFixture::examinations($name) as $what => [$examiner, $examination, $side]) {
        $mistakes = MadeMistake::of($examiner, $examination, $side);
        expect(count($mistakes))->toBeGreaterThanOrEqual(2, $what);
        foreach ($mistakes as $made) {
            expect($made->breaks)->not->toBeNull("{$what}: {$made->mistake->text}");
        }
    }
})->with('starters');

it('answers as it says', function (string $name, Doctrine $doctrine, bool $strikes): void {
    $catalogue = StartersFixture::catalogue($name);
    $withStrike = array_filter(
        $catalogue->answers,
        static fn (Answer $answer): bool => array_filter(
            $answer->beats->line,
            static fn ($beat): bool => array_filter(
                $beat->actions,
                static fn (Action $action): bool => $action->isStrike(),
            ) !== [],
        ) !== [],
    );

    expect($catalogue->school->doctrine)->toBe($doctrine)
        ->and(
            array_filter($catalogue->answers, static fn (Answer $answer): bool => $answer->teaching->doctrine !== null),
        )
        ->toBe([])
        // Most of those that hit hit; a push is met without.
        ->and(count($withStrike))
        ->{$strikes ? 'toBeGreaterThan' : 'toBe'}($strikes ? 20 : 0);
})->with([
    ['leave-at-once', Doctrine::Escape, false],
    ['hit-and-leave', Doctrine::Counter, true],
    ['hold-and-control', Doctrine::Control, false],
]);

it('answers the same attacks in three ways, and leaves some open', function (): void {
    $attacks = StartersFixture::attacks('leave-at-once');
    $answered = [];
    foreach (StartersFixture::ANSWERED as $name) {
        $catalogue = StartersFixture::catalogue($name);
        expect(StartersFixture::attacks($name))->toBe($attacks);
        foreach ($catalogue->answers as $answer) {
            expect($answer->matching->mirrored)->toBeTrue();
            $answered[$answer->attack][] = $answer->title;
        }
        $covered = Coverage::of($catalogue)->coveredBy('r6');
        expect($covered)->toBeGreaterThan(0.7)
            ->toBeLessThan(0.95)
            ->and(count($catalogue->answers))->toBeGreaterThanOrEqual(24);
    }
    $inThreeWays = array_filter($answered, static fn (array $titles): bool => count(array_unique($titles)) === 3);

    expect(count($attacks))->toBe(30)
        ->and(count($inThreeWays))->toBeGreaterThanOrEqual(20)
        // A school may take over all three: no two answers share a title.
        ->and(count(array_unique(array_merge(...array_values($answered)))))
        ->toBe(count(array_merge(...array_values($answered))));
});

it('has ninety attacks over all families and ranks, the thirty among them', function (): void {
    $catalogue = StartersFixture::catalogue('attacks-only');
    $perRank = array_count_values(
        array_map(static fn (Attack $attack): string => (string) $attack->need->rank, $catalogue->attacks),
    );

    expect($catalogue->attacks)->toHaveCount(90)
        ->and($catalogue->answers)->toBe([])
        ->and(
            array_unique(
                array_map(static fn (Attack $attack): string => $attack->kind->family->value, $catalogue->attacks),
            ),
        )
        ->toHaveCount(10)
        ->and(min($perRank))->toBeGreaterThanOrEqual(6)
        ->and($perRank)->toHaveCount(6)
        ->and(array_diff(StartersFixture::attacks('leave-at-once'), StartersFixture::attacks('attacks-only')))->toBe([])
        ->and(array_filter($catalogue->attacks, static fn (Attack $attack): bool => $attack->briefing->notes === ''))
        ->toBe([])
        // No two are the same situation under two names.
        ->and(
            count(
                array_unique(
                    array_map(
                        static fn (Attack $attack): string => $attack->kind->id.$attack->facets->bits,
                        $catalogue->attacks,
                    ),
                ),
            ),
        )
        ->toBe(90);
});

it('means the four doctrines by the answers that a new school chooses between', function (): void {
    $doctrines = [];
    foreach (StartersFixture::examinations('doctrines') as $what => [, $examination, $side]) {
        $doctrines[] = $examination->trial->doctrine();
        expect(
            array_filter(
                $examination->findings,
                static fn (Finding $finding): bool => $finding->severity !== Severity::Note,
            ),
        )->toBe([], $what);
    }

    expect(array_values(array_unique($doctrines, SORT_REGULAR)))->toBe(Doctrine::cases());
});
