<?php

declare(strict_types=1);

use App\View\Wall\RosePicture;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Rose;
use Tests\Support\Made;

/**
 * @return array{float, float} the bearing in degrees, 12 o’clock 0, and the distance from the middle, of every point of
 *     a path that is told by numbers
 */
function polar(string $point): array
{
    [$x, $y] = array_map(floatval(...), explode(' ', $point));

    return [fmod(rad2deg(atan2($x, -$y)) + 360, 360), hypot($x, $y)];
}

beforeEach(function (): void {
    // From 2 o’clock and, mirrored, from 10; the answer meets the one from 2. A push from 12 that nothing meets.
    $wrist = Made::attack('wrist-same', ['bearing' => '2', 'hand' => 'right'], id: 'w', neededBy: 'a', prevalence: 4);
    $push = Made::attack(
        'push-two',
        ['bearing' => '12', 'hand' => 'both', 'phase' => 'reaching'],
        id: 'p',
        neededBy: 'b',
        prevalence: 3,
    );
    $catalogue = Made::catalogue([$wrist, $push], [Made::answer('x', $wrist, 'a')]);
    $this->rose = fn (callable $isCovered, ?callable $isTaught = null): RosePicture => new RosePicture(
        Rose::of($catalogue, Coverage::of($catalogue)->cells, 'family', $isCovered, $isTaught),
        ['grab' => 'Grabs', 'push' => 'Pushes', 'kick' => 'Kicks'],
        static fn (string $ring, int $hour): string => "/{$ring}/{$hour}",
    );
});

it('lays twelve sectors of 28 degrees in each ring that needs something', function (): void {
    $rose = ($this->rose)(static fn (Cell $cell): bool => $cell->laidAt !== null);

    // Kicks are needed by nobody. Two rings of 82 between 36 and 200, with 2 between them.
    expect($rose->sectors)->toHaveCount(24)
        ->and(array_column($rose->rings, 'label'))->toBe(['Grabs', 'Pushes']);
    foreach ($rose->sectors as $place => $sector) {
        $hour = ($place % 12) + 1;
        [$inner, $outer] = $place < 12 ? [36.0, 116.0] : [118.0, 198.0];
        preg_match(
            '/^M(\S+ \S+) A\S+ \S+ 0 0 1 (\S+ \S+) L(\S+ \S+) A\S+ \S+ 0 0 0 (\S+ \S+)Z$/',
            $sector['path'],
            $points,
        );
        foreach ([[1, -14, $outer], [2, 14, $outer], [3, 14, $inner], [4, -14, $inner]] as [$at, $off, $radius]) {
            [$degrees, $from] = polar($points[$at]);
            expect($from)->toEqualWithDelta($radius, 0.1)
                ->and(abs(fmod($degrees - (30 * $hour + $off) + 540, 360) - 180))->toBeLessThan(0.2);
        }
    }
});

it('fills a sector by area, and leaves blank what is not needed', function (): void {
    $rose = ($this->rose)(static fn (Cell $cell): bool => $cell->laidAt !== null);
    $grabs = array_slice($rose->sectors, 0, 12);

    expect($grabs[1]['fill'])->toBe($grabs[1]['path'])
        ->and($grabs[1]['share'])->toBe(1.0)
        ->and([$grabs[9]['fill'], $grabs[9]['isBlank']])->toBe(['', false])
        ->and($grabs[5]['isBlank'])->toBeTrue()
        ->and($rose->sectors[12 + 11]['isBlank'])->toBeFalse()
        ->and($grabs[1]['url'])->toBe('/grab/2')
        ->and(array_keys(array_filter($rose->sectors, static fn (array $sector): bool => ! $sector['isBlank'])))
        ->toBe([1, 9, 23]);
});

it('fills half of the area for half of the weight', function (): void {
    // Two wrists from 2 o’clock weigh the same; one of them is covered.
    $one = Made::attack('wrist-same', ['bearing' => '2', 'hand' => 'right'], id: 'w', neededBy: 'a', prevalence: 4);
    $other = Made::attack('wrist-cross', ['bearing' => '2', 'hand' => 'right'], id: 'v', neededBy: 'a', prevalence: 4);
    $catalogue = Made::catalogue([$one, $other], []);
    $rose = new RosePicture(
        Rose::of(
            $catalogue,
            Coverage::of($catalogue)->cells,
            'family',
            static fn (Cell $cell): bool => $cell->attack->id === 'w',
        ),
        ['grab' => 'Grabs'],
        static fn (): string => '/',
    );
    preg_match('/^M(\S+ \S+) /', $rose->sectors[1]['fill'], $point);

    // One ring, 36 to 198: π r² between them is halved at √((36² + 198²) / 2).
    expect($rose->sectors[1]['share'])->toBe(0.5)
        ->and(polar($point[1])[1])->toEqualWithDelta(sqrt((36 ** 2 + 198 ** 2) / 2), 0.1);
});

it('cracks what is taught and comes to nothing', function (): void {
    $isTaught = static fn (Cell $cell): bool => $cell->taughtAt !== null;
    $failing = ($this->rose)(static fn (Cell $cell): bool => false, $isTaught);
    $working = ($this->rose)($isTaught, $isTaught);

    expect(array_keys(array_filter($failing->sectors, static fn (array $sector): bool => $sector['crack'] !== '')))
        ->toBe([1])
        ->and(array_filter($working->sectors, static fn (array $sector): bool => $sector['crack'] !== ''))->toBe([]);
    // The line stays in its sector.
    foreach (explode('L', substr($failing->sectors[1]['crack'], 1)) as $point) {
        [$degrees, $from] = polar($point);
        expect($degrees)->toBeGreaterThan(46.0)
            ->toBeLessThan(74.0)
            ->and($from)->toBeGreaterThan(36.0)
            ->toBeLessThan(116.0);
    }
});
