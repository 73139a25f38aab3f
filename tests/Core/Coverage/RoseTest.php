<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Rose;
use StoneDrill\Core\Geometry\Bearing;
use Tests\Support\Made;

it('gathers what comes from a direction, by family or by rank', function (): void {
    // From 2 o’clock and, mirrored, from 10; each side counts half of its prevalence.
    $wrist = Made::attack('wrist-same', ['bearing' => '2', 'hand' => 'right'], id: 'w', neededBy: 'a', prevalence: 4);
    $push = Made::attack(
        'push-two',
        ['bearing' => '12', 'hand' => 'both', 'phase' => 'reaching'],
        id: 'p',
        neededBy: 'b',
        prevalence: 3,
    );
    $catalogue = Made::catalogue([$wrist, $push], [Made::answer('x', $wrist, 'a')]);
    $cells = Coverage::of($catalogue)->cells;
    $rose = static fn (string $by): Rose => Rose::of(
        $catalogue,
        $cells,
        $by,
        static fn (Cell $cell): bool => $cell->laidAt !== null,
        static fn (Cell $cell): bool => $cell->taughtAt !== null,
    );
    $told = static fn (Rose $rose): array => array_map(
        static fn (array $sectors): array => array_filter(
            array_map(
                static fn ($sector): ?array => $sector->needed > 0 ? [$sector->needed, $sector->covered] : null,
                $sectors,
            ),
        ),
        $rose->rings,
    );

    expect($told($rose('family')))->toBe(['grab' => [2 => [2.0, 2.0], 10 => [2.0, 0.0]], 'push' => [12 => [3.0, 0.0]]])
        ->and($told($rose('rank')))->toBe(['a' => [2 => [2.0, 2.0], 10 => [2.0, 0.0]], 'b' => [12 => [3.0, 0.0]]])
        ->and($rose('rank')->direction(2)->share())->toBe(1.0)
        ->and($rose('rank')->direction(12)->share())->toBe(0.0)
        ->and($rose('rank')->direction(6)->share())->toBeNull();
});

it('takes a bearing to the nearest hour', function (string $bearing, int $hour): void {
    expect(Rose::hour(Bearing::clock($bearing)))->toBe($hour);
})->with([['12', 12], ['1', 1], ['11', 11], ['6:20', 6], ['6:30', 7], ['11:40', 12], ['12:20', 12], ['12:40', 1]]);

it('adds up to all that is needed', function (): void {
    $catalogue = Made::demo();
    $cells = Coverage::of($catalogue)->cells;
    $needed = array_sum(
        array_map(static fn (Cell $cell): float => $cell->attack->need->rank === null ? 0.0 : $cell->weight(), $cells),
    );
    foreach (['family', 'rank'] as $by) {
        $rose = Rose::of($catalogue, $cells, $by, static fn (Cell $cell): bool => false);
        expect(
            array_sum(array_map(static fn (int $hour): float => $rose->direction($hour)->needed, range(1, 12))),
        )->toEqualWithDelta($needed, 1e-6);
    }
});
