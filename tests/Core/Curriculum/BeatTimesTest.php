<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\BeatTimes;

it('tells how long a beat takes in a clip, where its begin and its end are known', function (): void {
    $times = new BeatTimes([0.5, 1.25, 3.0]);

    expect([$times->ofBeat(1), $times->ofBeat(2), $times->ofBeat(3), $times->ofBeat(0)])->toBe([
        0.75,
        1.75,
        null,
        null,
    ]);
});

it('refuses what goes back', function (): void {
    new BeatTimes([1.0, 0.5]);
})->throws(InvalidArgumentException::class);

it('takes one time more than an answer may have beats, and two that are just far enough apart', function (): void {
    expect(BeatTimes::are(array_map(floatval(...), range(0, 500))))->toBeTrue()
        ->and(BeatTimes::are(array_map(floatval(...), range(0, 501))))->toBeFalse()
        ->and(BeatTimes::are([0.0, 0.05]))->toBeTrue()
        ->and(BeatTimes::are([0.0, 0.049]))->toBeFalse()
        ->and(BeatTimes::are([0.0, NAN]))->toBeFalse()
        ->and(BeatTimes::are([INF]))->toBeFalse();
});
