<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Curriculum\Student;
use Tests\Core\Coverage\YouthFixture;
use Tests\Core\Drill\DrawFixture;
use Tests\Support\Made;

it('reads everything as youth learns it', function (
    ?string $rankYouth,
    string $beats,
    ?string $laidAt,
    array $holes,
): void {
    $coverage = Coverage::whole(YouthFixture::school($rankYouth, $beats)->forYouth());

    expect(array_unique(array_map(static fn (Cell $cell): ?string => $cell->laidAt, $coverage->cells)))->toBe([$laidAt])
        ->and(array_unique(array_map(static fn (Cell $cell): ?string => $cell->attack->need->rank, $coverage->cells)))
        ->toBe(['b'])
        ->and(
            array_values(
                array_unique(
                    array_filter(
                        array_map(
                            static fn (Hole $hole): ?string => $hole->attack === null
                            || $hole->kind === HoleKind::NoWhatIf
                                ? null
                                : $hole->kind->value,
                            $coverage->holes,
                        ),
                    ),
                ),
            ),
        )
        ->toBe($holes);
})->with([
    'from the same rank' => [null, "left palm chest -> released\nleave 6", 'a', []],
    'from a later one' => ['b', "left palm chest -> released\nleave 6", 'b', []],
    'too late' => ['c', "left palm chest -> released\nleave 6", 'c', ['late']],
    'not at all' => ['none', "left palm chest -> released\nleave 6", null, ['open']],
    'what is barred for them' => [null, "left palm eyes -> released\nleave 6", 'a', ['barred']],
    'with a swap' => [null, "left palm eyes -> released\n  for youth: left palm chest -> released\nleave 6", 'a', []],
    'with a swap that is barred too' => [
        null,
        "left palm eyes -> released\n  for youth: left palm throat -> released\nleave 6",
        'a',
        ['barred'],
    ],
    'with a swap that fails' => [
        null,
        "left palm eyes -> released\n  for youth: left knee chin -> released\nleave 6",
        null,
        ['fails'],
    ],
]);

it('leaves grown-ups as they are', function (): void {
    expect(
        Coverage::of(
            YouthFixture::school(
                'none',
                "left palm eyes -> released\n  for youth: left knee chin -> released\nleave 6",
            ),
        )->holes,
    )->toBe([]);
});

it('drills youth on the swap of what is barred', function (string $beats, array $drilled): void {
    $pool = Made::pool(YouthFixture::school(null, $beats));

    expect(DrawFixture::drilled($pool, new Student('ada', 'Ada', 'b', born: new DateTimeImmutable('2012-05-02'))))
        ->toBe($drilled)
        ->and(DrawFixture::drilled($pool, new Student('bo', 'Bo', 'b')))->toBe(['w written', 'w mirrored']);
})->with([
    'barred' => ["left palm eyes -> released\nleave 6", []],
    'swapped' => [
        "left palm eyes -> released\n  for youth: left palm chest -> released\nleave 6",
        ['w written', 'w mirrored'],
    ],
]);
