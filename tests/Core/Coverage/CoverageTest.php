<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\CarryOver;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Coverage\Load;
use StoneDrill\Core\Coverage\Removable;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\ShortForm;
use StoneDrill\Core\Technique\Beats;
use Tests\Core\Coverage\CoverageFixture;
use Tests\Support\English;
use Tests\Support\Made;

it('lays a cell at the lowest rank that answers it', function (): void {
    $wrist = Made::attack(id: 'w', neededBy: 'b');

    expect(CoverageFixture::laid([$wrist], []))->toBe([null, null])
        ->and(CoverageFixture::laid([$wrist], [Made::answer('x', $wrist, 'c')]))->toBe(['c', null])
        ->and(CoverageFixture::laid([$wrist], [Made::answer('x', $wrist, 'c', true), Made::answer('y', $wrist, 'b')]))
        ->toBe(['b', 'c'])
        ->and(CoverageFixture::laid([$wrist], [Made::answer('x', $wrist, 'c', short: new ShortForm('a', 1))]))
        ->toBe(['a', null]);
});

it('lays the other side where an answer was written for it', function (): void {
    $right = Made::attack(id: 'r', facets: ['bearing' => '1']);
    $left = Made::attack(id: 'l', facets: ['hand' => 'left', 'bearing' => '11']);

    expect(CoverageFixture::laid([$right, $left], [Made::answer('x', $right)]))->toBe(['a', null, null, 'a']);
});

it('finds each kind of hole', function (string $rank, bool $mirrored, array $expected): void {
    $wrist = Made::attack(id: 'w', neededBy: 'b', prevalence: 4);

    expect(CoverageFixture::holes([$wrist], [Made::answer('x', $wrist, $rank, $mirrored)]))->toBe($expected);
})->with([
    'both sides in time' => ['b', true, []],
    'early' => ['a', true, []],
    'one side in time: 4 ÷ 2 × 0.6' => ['b', false, ['one-sided w mirrored 1.2 mirror x+write one']],
    'both late: 4 ÷ 2 × 0.7' => [
        'c',
        true,
        ['late w written 1.4 earlier x+write one', 'late w mirrored 1.4 earlier x+write one'],
    ],
    'one side late, the other open: 4 ÷ 2' => [
        'c',
        false,
        ['open w mirrored 2 write one', 'late w written 1.4 earlier x+write one'],
    ],
]);

it('has one hole where an attack has one side', function (): void {
    $hug = Made::attack('hug-front-free', ['hand' => 'both'], 'h', 'a', 5);

    expect(CoverageFixture::holes([$hug], []))->toBe(['open h written 5 write one']);
});

it('has no hole where no rank needs it', function (): void {
    expect(CoverageFixture::holes([Made::attack(id: 'w')], []))->toBe([]);
});

it('puts the heaviest first, then the kind, then the id', function (): void {
    $answered = Made::attack('cloth-two', ['hand' => 'both'], 'z', 'a', 1);
    $attacks = [
        Made::attack('cloth-two', ['hand' => 'both'], 'm', 'a', 2),
        Made::attack('cloth-two', ['hand' => 'both'], 'b', 'a', 2),
        $answered,
    ];

    expect(
        CoverageFixture::holes(
            $attacks,
            [Made::answer('x', $answered, 'c', listed: ['kind' => ['cloth-two'], 'place' => ['open']])],
            ['late' => 2.0],
        ),
    )->toBe([
        'late b written 4 earlier x+write one',
        'late m written 4 earlier x+write one',
        'late z written 2 earlier x+write one',
    ]);
});

it('weighs with the factors of the school', function (): void {
    expect(CoverageFixture::holes([Made::attack(id: 'w', neededBy: 'a', prevalence: 4)], [], ['open' => 0.25]))->toBe([
        'open w written 0.5 write one',
        'open w mirrored 0.5 write one',
    ]);
});

it('knows the default factor of every kind', function (string $kind, float $factor): void {
    expect(HoleKind::from($kind)->factor())->toBe($factor);
})->with([
    ['open', 1.0], ['fails', 0.95], ['barred', 0.9], ['no way out', 0.8], ['late', 0.7], ['one-sided', 0.6],
    ['size-bound', 0.6], ['early-only', 0.5], ['unproven', 0.5], ['no what-if', 0.4], ['fading', 0.3],
    ['uncatalogued', 0.2],
]);

it('says in one sentence what is missing', function (): void {
    $wrist = Made::attack(id: 'wrist', neededBy: 'b');
    $reasons = array_map(
        fn (Hole $hole): string => English::say($hole->reason),
        Coverage::of(Made::catalogue([$wrist], [Made::answer('x', $wrist, 'c')]))->holes,
    );

    expect($reasons)->toBe([
        '“Wrist” (mirrored) is needed by B, and no answer that works meets it.',
        '“Wrist” (as written) is needed by B, but its first answer comes at C.',
    ]);
});

it('measures what is covered by weight', function (): void {
    $two = Made::attack(id: 'two', neededBy: 'a', prevalence: 4);
    $one = Made::attack('cloth-two', ['hand' => 'both'], 'one', 'b', 3);
    $coverage = Coverage::of(
        Made::catalogue([$two, $one], [Made::answer('x', $two, 'a'), Made::answer('y', $one, 'c')]),
    );

    expect($coverage->coveredBy('a'))->toEqualWithDelta(2 / 4, 1e-12)
        ->and($coverage->coveredBy('b'))->toEqualWithDelta(2 / 7, 1e-12)
        ->and($coverage->coveredBy('c'))->toEqualWithDelta(5 / 7, 1e-12)
        ->and(Coverage::of(Made::catalogue([], []))->coveredBy('a'))->toBe(1.0)
        ->and($coverage->holesBy('a'))->toHaveCount(1);
});

it('names what can be spared', function (): void {
    $wrist = Made::attack(id: 'w', neededBy: 'a');
    $twin = [Made::answer('x', $wrist, 'a'), Made::answer('y', $wrist, 'a'), Made::answer('z', $wrist, 'b', true)];

    expect(Removable::of(Made::catalogue([$wrist], $twin), Coverage::of(Made::catalogue([$wrist], $twin))))->toBe([
        'x',
        'y',
    ]);
});

// Alignment by hand. Tokens: deed, limb, place.
it('carries over what is alike', function (string $from, string $to, float $share): void {
    expect(CarryOver::from(Beats::parse($from), Beats::parse($to)))->toEqualWithDelta($share, 1e-12);
})->with([
    'the same' => ['left foot step 9, right palm chin', 'left foot step 9, right palm chin', 1.0],
    'the mirror' => ['right foot step 3, left palm chin', 'left foot step 9, right palm chin', 1.0],
    'another place: (0.7 + 1) ÷ 2' => ['left foot step 12, right palm chin', 'left foot step 9, right palm chin', 0.85],
    'another limb: (1 + 0.4) ÷ 2' => [
        'left foot step 9, free hand palm chin',
        'left foot step 9, right palm chin',
        0.7,
    ],
    'nothing' => ['drop', 'leave 6', 0.0],
    'a part in order: 1 of 3' => ['leave 6', "drop\nright palm chin\nleave 6", 1 / 3],
    'out of order: 1 of 2' => ["leave 6\ndrop", "drop\nleave 6", 0.5],
    'branches left out' => ["drop\n  if far: leave 6", 'leave 6', 0.0],
]);

it('adds up the load of each rank', function (): void {
    $wrist = Made::attack(id: 'w', neededBy: 'a');
    $load = Load::of(
        $catalogue = Made::catalogue(
            [$wrist],
            [
                Made::answer('x', $wrist, 'a', beats: "left foot step 9, left palm chin -> released\nleave 6"),
                Made::answer(
                    'y',
                    $wrist,
                    'b',
                    beats: "left foot step 12, left palm chin -> released\nright knee groin\nleave 6",
                ),
                Made::answer(
                    'z',
                    $wrist,
                    'b',
                    true,
                    beats: "left foot step 12, left palm chin -> released\nright knee groin\nleave 6",
                ),
            ],
        ),
        Coverage::of($catalogue),
    );

    // a: all of 3 are new. b: y brings 0.7 + 1 + 1 of 4 from x, so 1.3 are new; z is y.
    expect(array_map(fn (Load $load): array => [$load->rank, $load->beats, $load->actions, $load->newActions], $load))
        ->toBe([['a', 2, 3, 3.0], ['b', 6, 8, 1.3], ['c', 0, 0, 0.0]])
        // a: one answer for the one laid cell. b: three and one, log2 3 and 0, on average.
        ->and($load[0]->choiceBits)->toBe(0.0)
        ->and($load[1]->choiceBits)->toEqualWithDelta(log(3, 2) / 2, 1e-12);
});

it('teaches a short form as an answer of its own', function (): void {
    $wrist = Made::attack(id: 'w', neededBy: 'a');
    $catalogue = Made::catalogue(
        [$wrist],
        [
            Made::answer(
                'x',
                $wrist,
                'b',
                short: new ShortForm('a', 1),
                beats: "drop\nleft foot step 9\nright palm chin\nleave 6",
            ),
        ],
    );
    $load = Load::of($catalogue, Coverage::of($catalogue));

    expect([$load[0]->beats, $load[0]->actions, $load[0]->newActions])->toBe([2, 2, 2.0])
        ->and([$load[1]->beats, $load[1]->actions, $load[1]->newActions])->toBe([4, 4, 2.0]);
});

it('agrees with a coverage written otherwise on two hundred random catalogues', function (): void {
    mt_srand(7);
    for ($round = 0; $round < 200; $round++) {
        $catalogue = Made::randomCatalogue();
        $laidAt = $expected = [];
        foreach ($catalogue->attacks as $attack) {
            foreach ($attack->sides() as $side) {
                $ranks = array_map(
                    fn (Answer $answer): string => $answer->teaching->rank,
                    array_filter(
                        $catalogue->answers,
                        fn (Answer $answer): bool => CoverageFixture::plainlyAnswers(
                            $catalogue,
                            $answer,
                            $attack,
                            $side,
                        ),
                    ),
                );
                $laidAt[$attack->id][$side->value] = $ranks === [] ? null : min($ranks);
            }
        }
        // Ranks are named a, b, c, so that what is later is greater.
        foreach ($catalogue->attacks as $attack) {
            foreach ($attack->need->rank === null ? [] : $laidAt[$attack->id] as $side => $rank) {
                $other = array_values(array_diff_key($laidAt[$attack->id], [$side => true]))[0] ?? null;
                [$kind, $factor] = match (true) {
                    $rank !== null && $rank <= $attack->need->rank => [null, 0.0],
                    $other !== null && $other <= $attack->need->rank => ['one-sided', 0.6],
                    $rank === null => ['open', 1.0],
                    default => ['late', 0.7],
                };
                if ($kind !== null) {
                    $expected["{$kind} {$attack->id} {$side}"] = round(
                        ($attack->prevalence / count($laidAt[$attack->id])) * $factor,
                        9,
                    );
                }
            }
        }
        $coverage = Coverage::of($catalogue);
        $found = $laid = [];
        foreach ($coverage->holes as $hole) {
            $found["{$hole->kind->value} {$hole->attack} {$hole->side?->value}"] = round($hole->weight, 9);
        }
        foreach ($coverage->cells as $cell) {
            $laid[$cell->attack->id][$cell->side->value] = $cell->laidAt;
        }
        $weights = array_values($found);
        rsort($weights);
        expect($laid)->toBe($laidAt)->and(array_values($found))->toBe($weights);
        ksort($found);
        ksort($expected);
        expect($found)->toBe($expected);
    }
});
