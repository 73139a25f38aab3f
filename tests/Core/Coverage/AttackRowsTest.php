<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Coverage\Pairs\AttackRows;
use StoneDrill\Core\Coverage\Pairs\DrillRow;
use Tests\Support\Made;

/** @return list<Attack> of the demo */
function ofFamily(Family $family): array
{
    return array_values(array_filter(Made::demo()->attacks, fn (Attack $attack): bool => $attack->kind->family === $family));
}

/**
 * Every pair of values that some feasible attack of these kinds has, by trying all of them.
 *
 * @param list<Attack> $attacks
 * @param list<Facet>  $facets
 *
 * @return array<string, true>
 */
function pairsThatCanBe(array $attacks, array $facets): array
{
    $pairs = [];
    foreach (array_column(array_map(fn (Attack $attack): array => ['id' => $attack->kind->id, 'kind' => $attack->kind], $attacks), 'kind', 'id') as $kind) {
        $rows = [['kind' => $kind->id]];
        foreach ($facets as $facet) {
            $rows = array_merge(...array_map(fn (array $row): array => array_map(fn (string $value): array => [...$row, $facet->value => $value], $facet->values()), $rows));
        }
        $usual = array_filter($attacks, fn (Attack $attack): bool => $attack->kind->id === $kind->id);
        foreach ($rows as $row) {
            $facetsOf = Facets::of([...array_values($usual)[0]->facets->toArray(), ...($row['notice'] ?? null) === null && in_array($row['bearing'] ?? '', ['4', '5', '6', '7', '8'], true) ? ['notice' => 'off-guard'] : [], ...array_diff_key($row, ['kind' => true])]);
            if ((new Feasibility())->refusals($kind, $facetsOf) === []) {
                foreach ($row as $a => $x) {
                    foreach ($row as $b => $y) {
                        if ($a < $b) {
                            $pairs["{$a}={$x} {$b}={$y}"] = true;
                        }
                    }
                }
            }
        }
    }

    return $pairs;
}

it('meets every pair that can be, and none that cannot', function (Family $family, array $facets): void {
    $attacks = ofFamily($family);
    $rows = AttackRows::of($attacks, $facets, false, [], 3);
    $met = [];
    foreach ($rows->rows as $row) {
        foreach ($row->values as $a => $x) {
            foreach ($row->values as $b => $y) {
                if ($a < $b) {
                    $met["{$a}={$x} {$b}={$y}"] = true;
                }
            }
        }
    }
    ksort($met);
    $wanted = pairsThatCanBe($attacks, $facets);
    ksort($wanted);

    expect($met)->toBe($wanted)->and($rows->pairs - $rows->infeasible)->toBe(count($wanted));
})->with([
    'kicks by hand and bearing' => [Family::Kick, [Facet::Hand, Facet::Bearing]],
    'grabs by bearing and notice' => [Family::Grab, [Facet::Bearing, Facet::Notice]],
    'strikes by phase, posture and entry' => [Family::Strike, [Facet::Phase, Facet::Posture, Facet::Entry]],
    'head holds by hand, bearing and notice' => [Family::Head, [Facet::Hand, Facet::Bearing, Facet::Notice]],
]);

it('leads each row to the nearest attack, and says what differs', function (): void {
    $attacks = ofFamily(Family::Grab);
    $byId = array_column($attacks, null, 'id');
    $exact = 0;
    foreach (AttackRows::of($attacks, [Facet::Hand, Facet::Place], true, [['place' => 'stairs', 'hand' => 'both']], 5)->rows as $row) {
        $nearest = $byId[$row->attack];
        expect($nearest->kind->id)->toBe($row->values['kind']);
        $has = ['kind' => $nearest->kind->id, ...$nearest->on($row->side)->toArray(), ...$row->differences];
        expect(array_intersect_key($has, $row->values))->toBe($row->values);
        $exact += (int) ($row->differences === []);
    }
    expect($exact)->toBeGreaterThan(10);
});

it('gives the same list for the same number', function (): void {
    $rows = fn (int $seed): array => array_map(fn (DrillRow $row): array => $row->values, AttackRows::of(ofFamily(Family::Strike), [Facet::Hand, Facet::Place], false, [], $seed)->rows);

    expect($rows(3))->toBe($rows(3))->and($rows(3))->not->toBe($rows(4));
});
