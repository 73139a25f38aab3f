<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\ClassHabits;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\Timetable;
use StoneDrill\Core\Session\TimetableException;

$minutes = fn (array $blocks): array => array_map(fn (Block $block): int => $block->minutes, $blocks);

// By hand: 5, 15, 30, 25, 20, 5 % in whole minutes by largest remainder, 2 to 5 to gather, 2 at least to close.
it('shares the minutes of a class out', function (int $class, array $expected) use ($minutes): void {
    expect($minutes(Timetable::share($class, Timetable::usual())))->toBe($expected);
})->with([
    [60, [3, 9, 18, 15, 12, 3]],
    [45, [2, 7, 14, 11, 9, 2]],
    // 1.5 each to gather and to close are 2: 26 are left for 15, 30, 25, 20 of 90: 4.33, 8.67, 7.22, 5.78.
    [30, [2, 4, 9, 7, 6, 2]],
    // 6 to gather are 5: 115 for .15, .30, .25, .20, .05 of .95: 18.16, 36.32, 30.26, 24.21, 6.05.
    [120, [5, 18, 37, 30, 24, 6]],
    [5, [2, 0, 1, 0, 0, 2]],
    [4, [2, 0, 0, 0, 0, 2]],
]);

it('shares them out as the school does', function (array $shares, array $expected) use ($minutes): void {
    $habits = new ClassHabits([...ClassHabits::SHARES, ...$shares]);

    expect($minutes(Timetable::share(60, Timetable::usual(), $habits)))->toBe($expected);
})->with([
    // 5, 10, 20, 20, 40, 5 of 100.
    [['basics' => 0.1, 'teach' => 0.2, 'drill' => 0.2, 'pressure' => 0.4], [3, 6, 12, 12, 24, 3]],
    // 5, 15, 30, 25, 60, 5 of 140: 2.14, 6.43, 12.86, 10.71, 25.71, 2.14; the two that are over go to .86 and .71.
    [['pressure' => 0.6], [2, 6, 13, 11, 26, 2]],
]);

it('sums exactly, whatever is locked or left out, and keeps what is locked', function () use ($minutes): void {
    mt_srand(7);
    for ($try = 0; $try < 2000; $try++) {
        $kinds = array_values(array_filter(BlockKind::cases(), fn (): bool => mt_rand(0, 4) > 0));
        $class = mt_rand(30, 180);
        $blocks = array_map(
            fn (BlockKind $kind): Block => mt_rand(0, 3) === 0
                ? new Block($kind, mt_rand(1, 5), true)
                : new Block($kind),
            $kinds,
        );
        if (array_filter($blocks, fn (Block $block): bool => ! $block->isLocked) === []) {
            continue;
        }
        $shared = Timetable::share($class, $blocks);
        expect(array_sum($minutes($shared)))->toBe($class);
        foreach ($blocks as $place => $block) {
            $block->isLocked
                ? expect($shared[$place])->toBe($block)
                : expect($shared[$place]->minutes)->toBeGreaterThanOrEqual($block->kind->least());
        }
    }
});

it('works the rest out again around a block that is lengthened', function () use ($minutes): void {
    $blocks = array_map(
        fn (BlockKind $kind): Block => $kind === BlockKind::Teach ? new Block($kind, 30, true) : new Block($kind),
        BlockKind::cases(),
    );

    // 30 are left for 5, 15, 25, 20, 5 of 70: 2.14, 6.43, 10.71, 8.57, 2.14.
    expect($minutes(Timetable::share(60, $blocks)))->toBe([2, 6, 30, 11, 9, 2]);
});

it('says when it does not fit', function (int $class, array $blocks, string $key): void {
    try {
        Timetable::share($class, $blocks);
        expect(true)->toBeFalse();
    } catch (TimetableException $refused) {
        expect($refused->text->key)->toBe($key);
    }
})->with([
    'three minutes' => [3, fn (): array => Timetable::usual(), 'classes.too-short'],
    'more locked than there is' => [
        60,
        [new Block(BlockKind::Teach, 61, true), new Block(BlockKind::Close)],
        'classes.locked',
    ],
    'all locked, and minutes over' => [60, [new Block(BlockKind::Teach, 50, true)], 'classes.locked'],
    'hardly any left' => [
        60,
        [new Block(BlockKind::Teach, 59, true), new Block(BlockKind::Close)],
        'classes.too-short',
    ],
]);
