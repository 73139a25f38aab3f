<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Mender;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\RunCache;
use StoneDrill\Core\Coverage\Widener;
use StoneDrill\Core\Floor\RunLimits;
use Tests\Core\Floor\RunLimitsFixture;
use Tests\Support\English;

it('runs the main line whole, and branches as long as there is room', function (
    string $id,
    int $frames,
    bool $isCut,
): void {
    $run = RunLimitsFixture::costs($id, RunLimitsFixture::costly())->trial->run;

    expect($run->frames)->toHaveCount($frames)->and($run->isCut)->toBe($isCut);
})->with([
    // 1 and 500 and 499 beats of branches, then the last one of the main line.
    'what goes on without end' => ['Goer', RunLimits::FRAMES + 1, true],
    'what is long' => ['Long', 500, false],
    // Two beats of its own and the two of the other one.
    'what goes on once' => ['Goes once', 4, false],
]);

it('tries so many beats again, and says from where on it does not', function (): void {
    $robust = array_map(
        English::say(...),
        array_column(RunLimitsFixture::costs('Long', RunLimitsFixture::costly())->trial->robust, 'without'),
    );

    // Left out at beat 1, 500 beats are run again, at beat 2 it is 499: the third would be beyond a thousand.
    expect(array_slice($robust, 0, 3))->toBe([
        '1 rocked',
        '2 rocked',
        'the effects from beat 3 on, which are not tried: the answer is too long',
    ]);
});

it('tries so many changes to mend what is found, and no more', function (): void {
    $catalogue = RunLimitsFixture::costly();
    $examination = RunLimitsFixture::costs('Long', $catalogue);
    $mender = new Mender(new Examiner(Standards::of($catalogue)));
    $mended = array_filter(
        $examination->findings,
        static fn ($finding): bool => $mender->mend($examination, $finding, Side::Written) !== null,
    );

    // Each try costs 1 and a tenth of the 500 beats: 200 are used up by three.
    expect(count($examination->findings))->toBeGreaterThan(500)->and(count($mended))->toBeLessThanOrEqual(3);
});

it('finds every hole of a school that has such answers, trying none of them everywhere', function (): void {
    $catalogue = RunLimitsFixture::costly();
    $memory = new RunCache();
    $holes = Coverage::whole($catalogue, $memory, new Widener($catalogue, $memory))->holes;
    $moved = array_unique(
        array_merge(
            ...array_map(
                static fn ($hole): array => array_map(
                    static fn ($move): ?string => $move->kind->value === 'widen' ? $move->answer : null,
                    $hole->moves,
                ),
                $holes,
            ),
        ),
    );

    expect($holes)->not->toBe([])->and($moved)->not->toContain('Long')->not->toContain('Goer');
});

it('tries no answer everywhere that is too long for it', function (): void {
    $catalogue = RunLimitsFixture::costly();
    $answers = array_column($catalogue->answers, null, 'id');
    $widener = new Widener($catalogue);
    $near = static fn (string $id): int => count(
        array_filter(
            Coverage::of($catalogue)->cells,
            static fn ($cell): bool => $widener->near($answers[$id], $cell) !== null,
        ),
    );

    expect($near('Goes once'))->toBeGreaterThan(0)->and($near('Long'))->toBe(0)->and($near('Goer'))->toBe(0);
});
