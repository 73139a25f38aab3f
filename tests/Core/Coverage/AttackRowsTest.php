<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Coverage\Pairs\AttackRows;
use StoneDrill\Core\Coverage\Pairs\DrillRow;
use Tests\Core\Coverage\AttackRowsFixture;

it('meets every pair that can be, and none that cannot', function (Family $family, array $facets): void {
    $attacks = AttackRowsFixture::ofFamily($family);
    $rows = AttackRows::of($attacks, $facets, false, [], 3);
    $met = AttackRowsFixture::pairsOf($rows->rows);
    ksort($met);
    $wanted = AttackRowsFixture::pairsThatCanBe($attacks, $facets);
    ksort($wanted);

    expect($met)->toBe($wanted)
        ->and($rows->pairs - $rows->infeasible)->toBe(count($wanted));
})->with([
    'kicks by hand and bearing' => [Family::Kick, [Facet::Hand, Facet::Bearing]],
    'grabs by bearing and notice' => [Family::Grab, [Facet::Bearing, Facet::Notice]],
    'strikes by phase, posture and entry' => [Family::Strike, [Facet::Phase, Facet::Posture, Facet::Entry]],
    'head holds by hand, bearing and notice' => [Family::Head, [Facet::Hand, Facet::Bearing, Facet::Notice]],
]);

it('says how many of the first rows meet a share of the pairs', function (): void {
    $rows = AttackRows::of(AttackRowsFixture::ofFamily(Family::Kick), [Facet::Hand, Facet::Bearing], false, [], 3);
    $all = $rows->pairs - $rows->infeasible;
    $met = array_map(
        static fn (int $count): int => count(AttackRowsFixture::pairsOf(array_slice($rows->rows, 0, $count))),
        range(1, count($rows->rows)),
    );

    expect(array_slice($met, -1))->toBe([$all]);
    foreach ($met as $count) {
        $first = array_search($count, $met, true) + 1;
        expect($rows->needed(($count - 0.5) / $all))->toBe($first);
        // Just as many are enough, where the share is a number that says so.
        if (($count / $all) * $all === (float) $count) {
            expect($rows->needed($count / $all))->toBe($first);
        }
    }
});

it('leads each row to the nearest attack, and says what differs', function (): void {
    $attacks = AttackRowsFixture::ofFamily(Family::Grab);
    $byId = array_column($attacks, null, 'id');
    $exact = 0;
    foreach (
        AttackRows::of(
            $attacks,
            [Facet::Hand, Facet::Place],
            true,
            [['place' => 'stairs', 'hand' => 'both']],
            5,
        )->rows as $row
    ) {
        $nearest = $byId[$row->attack];
        expect($nearest->kind->id)->toBe($row->values['kind']);
        $has = ['kind' => $nearest->kind->id, ...$nearest->on($row->side)->toArray(), ...$row->differences];
        expect(array_intersect_key($has, $row->values))->toBe($row->values);
        $exact += (int) ($row->differences === []);
    }
    expect($exact)->toBeGreaterThan(10);
});

it('gives the same list for the same number', function (): void {
    $rows = fn (int $seed): array => array_map(
        fn (DrillRow $row): array => $row->values,
        AttackRows::of(AttackRowsFixture::ofFamily(Family::Strike), [Facet::Hand, Facet::Place], false, [], $seed)
            ->rows,
    );

    expect($rows(3))->toBe($rows(3))->and($rows(3))->not->toBe($rows(4));
});
