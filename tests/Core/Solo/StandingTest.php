<?php

declare(strict_types=1);

use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Solo\BasicSide;
use StoneDrill\Core\Solo\FootPlan;
use StoneDrill\Core\Solo\Mark;
use StoneDrill\Core\Solo\Standing;

it('stands by the last mark, which fades when it is sound', function (
    ?Mark $mark,
    ?string $marked,
    string $at,
    string $standing,
): void {
    $day = static fn (?string $day): ?DateTimeImmutable => $day === null
        ? null
        : new DateTimeImmutable("{$day} 12:00 UTC");

    expect(Standing::of($mark, $day($marked), $day($at) ?? new DateTimeImmutable(), 60.0)->value)->toBe($standing);
})->with([
    [null, null, '2026-03-01', 'unmarked'],
    [Mark::NotYet, '2026-01-01', '2026-03-01', 'not-yet'],
    [Mark::Rough, '2025-01-01', '2026-03-01', 'rough'],
    [Mark::Sound, '2026-01-01', '2026-03-01', 'sound'],
    // 60 days after 1 January.
    [Mark::Sound, '2026-01-01', '2026-03-02', 'faded'],
]);

it('is due unless it is sound', function (): void {
    expect(array_map(static fn (Standing $standing): bool => $standing->isDue(), Standing::cases()))->toBe([
        true,
        true,
        true,
        true,
        false,
    ]);
});

it('marks a whole by the least of its parts', function (): void {
    expect(Mark::least([Mark::Sound, Mark::Rough, Mark::Sound]))->toBe(Mark::Rough)
        ->and(Mark::least([Mark::Rough, Mark::NotYet]))->toBe(Mark::NotYet)
        ->and(Mark::least([Mark::Sound]))->toBe(Mark::Sound);
});

it('measures how somebody stands', function (): void {
    // A triangle of .3, .4 and .5.
    $plan = new FootPlan(new Point(-0.15, 0.2), new Point(0.15, -0.2), 0.0, 45.0, 60);

    expect($plan->width())->toEqualWithDelta(0.5, 1e-9)
        // atan(.4 / .3)
        ->and($plan->angle())->toEqualWithDelta(53.1301, 1e-4)
        ->and($plan->lead())->toBe(BasicSide::Left)
        ->and($plan->mirror())->toEqual(new FootPlan(new Point(-0.15, -0.2), new Point(0.15, 0.2), -45.0, 0.0, 40))
        ->and($plan->mirror()->angle())->toEqualWithDelta($plan->angle(), 1e-9)
        ->and($plan->mirror()->mirror())->toEqual($plan)
        ->and((new FootPlan(new Point(-0.1, 0), new Point(0.1, 0)))->angle())->toEqualWithDelta(0.0, 1e-9)
        ->and((new FootPlan(new Point(-0.1, 0), new Point(0.1, 0)))->lead())->toBeNull()
        ->and((new FootPlan(new Point(0, 0.2), new Point(0, -0.2)))->angle())->toEqualWithDelta(90.0, 1e-9);
});
