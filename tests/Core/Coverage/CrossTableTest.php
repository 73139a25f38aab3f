<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Aspect;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\CrossTable;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Selection;
use Tests\Support\Made;

it('counts sides, what is laid of their need, and holes, by two aspects', function (): void {
    // The right wrist is answered as written; its mirror, the left hand at 10, is not. The hug is needed by nobody.
    $wrist = Made::attack(facets: ['bearing' => '2', 'hand' => 'right'], id: 'w', neededBy: 'a', prevalence: 4);
    $sleeve = Made::attack('sleeve', ['bearing' => '2', 'hand' => 'right', 'thumb' => 'n/a'], 's', 'b', 1);
    $hug = Made::attack(
        'hug-front-free',
        ['bearing' => '12', 'hand' => 'both', 'thumb' => 'n/a', 'intent' => 'pin'],
        'h',
    );
    $catalogue = Made::catalogue([$wrist, $sleeve, $hug], [Made::answer('x', $wrist)]);
    $coverage = Coverage::of($catalogue);
    $table = CrossTable::of(
        $coverage->cells,
        $coverage->holes,
        $catalogue->rankOrder(),
        Aspect::tryFrom('family'),
        Aspect::tryFrom('bearing'),
    );

    expect($table->down)->toBe(['grab', 'hug'])
        ->and($table->across)->toBe(['2', '10', '12']);
    // At 2: the wrist (2 of weight, laid) and the sleeve (.5, not); at 10 their mirrors, none laid.
    expect([$table->at('grab', '2')->cells, $table->at('grab', '2')->holes])->toBe([2, 1])
        ->and($table->at('grab', '2')->share())->toEqualWithDelta(2 / 2.5, 1e-12)
        ->and([$table->at('grab', '10')->cells, $table->at('grab', '10')->share(), $table->at('grab', '10')->holes])
        ->toBe([2, 0.0, 2])
        ->and([$table->at('hug', '12')->cells, $table->at('hug', '12')->share(), $table->at('hug', '12')->holes])
        ->toBe([1, null, 0])
        ->and($table->at('hug', '2')->cells)->toBe(0)
        ->and([$table->row('grab')->cells, $table->row('grab')->holes])->toBe([4, 3])
        ->and($table->row('grab')->share())->toEqualWithDelta(2 / 5, 1e-12)
        ->and([$table->column('10')->cells, $table->column('12')->cells])->toBe([2, 1]);
});

it('adds up to the whole wall, whichever two aspects are asked for', function (string $down, string $across): void {
    $coverage = Coverage::of(Made::demo());
    $table = CrossTable::of(
        $coverage->cells,
        $coverage->holes,
        Made::demo()->rankOrder(),
        Aspect::tryFrom($down),
        Aspect::tryFrom($across),
    );
    $cells = $holes = 0;
    $laid = $needed = 0.0;
    foreach ($table->down as $row) {
        foreach ($table->across as $column) {
            $tally = $table->at($row, $column);
            $cells += $tally->cells;
            $holes += $tally->holes;
            $laid += $tally->laid;
            $needed += $tally->needed;
        }
    }

    // Every rank of the demo counts at the highest one, where what is late is laid.
    expect([$cells, $holes])->toBe([count($coverage->cells), count($coverage->holes)])
        ->and($needed - $laid)
        ->toEqualWithDelta(
            array_sum(
                array_map(
                    fn (Cell $cell): float => $cell->isInTime(Made::demo()->rankOrder())
                    || $cell->attack->need->rank === null
                        ? 0.0
                        : $cell->weight(),
                    $coverage->cells,
                ),
            ),
            1e-9,
        )
        ->and(array_sum(array_map(fn (string $row): int => $table->row($row)->holes, $table->down)))
        ->toBe(count(array_filter($coverage->holes, fn (Hole $hole): bool => $hole->attack !== null)));
})->with([['bearing', 'family'], ['place', 'posture'], ['hand', 'phase'], ['family', 'build']]);

it('selects the sides that have what is asked for', function (array $asked, int $count): void {
    $wrist = Made::attack(facets: ['bearing' => '2', 'hand' => 'right', 'place' => 'narrow'], id: 'w');
    $hug = Made::attack(
        'hug-front-free',
        ['bearing' => '12', 'hand' => 'both', 'thumb' => 'n/a', 'intent' => 'pin'],
        'h',
    );
    $cells = Coverage::of(Made::catalogue([$wrist, $hug], []))->cells;

    expect(Selection::of($asked)->among($cells))->toHaveCount($count);
})->with([
    'everything' => [[], 3],
    'a family' => [['family' => 'grab'], 2],
    'one side' => [['hand' => 'left'], 1],
    'two aspects' => [['family' => 'grab', 'bearing' => '10'], 1],
    'nothing' => [['family' => 'hug', 'place' => 'narrow'], 0],
    'what is not there is left out' => [['family' => 'zebra', 'colour' => 'red', 'hand' => ['left']], 3],
]);
