<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Credits;
use StoneDrill\Core\Curriculum\ProofStandard;
use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Session\TestRule;
use Tests\Support\Made;

/**
 * One letter an item: c clean, s scraped, r recovered, l late, h hit, f froze, x stopped, - unseen; a capital for what
 * is critical.
 */
function itemsOf(string $letters): array
{
    $outcomes = [
        'c' => Outcome::Clean, 's' => Outcome::Scraped, 'r' => Outcome::Recovered, 'l' => Outcome::Late,
        'h' => Outcome::Hit, 'f' => Outcome::Froze, 'x' => Outcome::Stopped, '-' => null,
    ];

    return array_map(
        fn (string $letter): array => [ctype_upper($letter), $outcomes[strtolower($letter)]],
        str_split($letters),
    );
}

it('judges a test by its rule', function (string $letters, bool $isPassed, float $share, array $retest): void {
    $result = TestRule::judge(itemsOf($letters));

    expect($result->isPassed)->toBe($isPassed)
        ->and($result->share)->toEqualWithDelta($share, 1e-9)
        ->and($result->retest)->toBe($retest);
})->with([
    'all clean' => ['CCccc', true, 1.0, []],
    // 4 of 5 is eighty percent exactly.
    'eighty percent exactly' => ['CCssc', true, 0.8, []],
    'a hair less: what is not clean is shown again' => ['CCslc', false, 0.7, [2, 3]],
    'hit on a critical one, with credit enough' => ['cccccccccH', false, 0.9, [9]],
    'froze on a critical one' => ['ccccccccFc', false, 0.9, [8]],
    'late on a critical one is no credit, and no more' => ['ccccccccLc', true, 0.9, []],
    'hit on another one' => ['cccccccchc', true, 0.9, []],
    'unseen' => ['ccccccccc-', false, 0.9, [9]],
    'stopped for safety was not seen' => ['cccccccccX', false, 0.9, [9]],
    'everything at once' => ['Hl-', false, 0.0, [0, 1, 2]],
]);

it('gives the credit that the school gives', function (Credits $credits, bool $isPassed, float $share): void {
    // Two of five scraped, one recovered.
    $result = TestRule::judge(itemsOf('CcsSr'), [], new ProofStandard(credits: $credits));

    expect($result->isPassed)->toBe($isPassed)->and($result->share)->toEqualWithDelta($share, 1e-9);
})->with([
    'half of all' => [new Credits(), false, 0.7],
    'a scrape in full' => [new Credits(arm: 1.0), true, 0.9],
    'all of it' => [new Credits(arm: 1.0, recovered: 1.0), true, 1.0],
    'a scrape for nothing' => [new Credits(arm: 0.0), false, 0.5],
    'where nobody said it was not the body' => [new Credits(body: 0.0), false, 0.7],
]);

it('asks for as much credit as the school does', function (float $pass, bool $isPassed): void {
    // Three and a half of five.
    expect(TestRule::judge(itemsOf('CcsSr'), [], new ProofStandard(test: new TestStandard($pass)))->isPassed)
        ->toBe($isPassed);
})->with([[0.69, true], [0.7, true], [0.71, false], [1.0, false]]);

it('passes nobody who was asked nothing', function (): void {
    expect(TestRule::judge([])->isPassed)->toBeFalse();
});

it('draws so that every family and both sides occur, and in the order of the list', function (): void {
    $kinds = ['grab' => 'wrist-cross', 'hug' => 'hug-behind-free', 'strike' => 'swing'];
    foreach (range(1, 40) as $seed) {
        mt_srand($seed);
        $asked = [];
        foreach (range(1, mt_rand(1, 14)) as $number) {
            $attack = Made::attack(array_values($kinds)[mt_rand(0, 2)], id: "a{$number}");
            $asked[] = [$attack, Side::Written];
            if (mt_rand(0, 2) > 0) {
                $asked[] = [$attack, Side::Mirrored];
            }
        }
        $drawn = TestRule::draw($asked, $seed);
        $families = fn (array $items): array => array_values(
            array_unique(array_map(fn (array $item): string => $item[0]->kind->family->value, $items)),
        );
        $sides = fn (array $items): array => array_values(
            array_unique(array_map(fn (array $item): string => $item[1]->value, $items)),
        );
        $names = fn (array $items): array => array_map(
            fn (array $item): string => $item[0]->id.' '.$item[1]->value,
            $items,
        );

        expect($families($drawn))->toEqualCanonicalizing($families($asked))
            ->and($sides($drawn))->toEqualCanonicalizing($sides($asked))
            ->and(array_values(array_intersect($names($asked), $names($drawn))))->toBe($names($drawn))
            // Half of it; more only where families and sides need it.
            ->and(count($drawn))->toBeGreaterThanOrEqual((int) ceil(count($asked) / 2))
            ->and(count($drawn))->toBeLessThanOrEqual(max((int) ceil(count($asked) / 2), 5))
            ->and($names(TestRule::draw($asked, $seed)))->toBe($names($drawn));
    }
    expect(TestRule::draw([], 1))->toBe([]);
});
