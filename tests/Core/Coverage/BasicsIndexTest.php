<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\BasicsIndex;
use StoneDrill\Core\Coverage\IndexedWord;
use StoneDrill\Core\Curriculum\ShortForm;
use Tests\Core\Coverage\BasicsFixture;
use Tests\Support\Made;

it('tells at which rank each basic appears, and where it is used', function (): void {
    $wrist = Made::attack(id: 'w');
    $basics = BasicsIndex::of(
        Made::catalogue(
            [$wrist],
            [
                Made::answer(
                    'late',
                    $wrist,
                    'c',
                    beats: "left foot step 9, right palm chin\nright palm chin, say \"Back!\"\nright knee groin\nleave 6",
                ),
                Made::answer(
                    'early',
                    $wrist,
                    'a',
                    beats: "left foot step 9, left hand strip toward thumb\n  if not: right elbow chin\nleave 6, look",
                ),
            ],
        ),
    );

    expect(BasicsFixture::basics($basics))
        ->toBe([
            'a step leave: early@2 late@4',
            'a step step: early@1 late@1',
            'a control strip: early@1',
            'c strike knee: late@3',
            'c strike palm: late@1+2',
        ])
        ->and(array_map(fn (IndexedWord $basic): string => $basic->verb->value, $basics->at('c')))
        ->toBe(['knee', 'palm'])
        ->and($basics->at('b'))->toBe([])
        ->and($basics->find('palm')?->rank)->toBe('c')
        ->and($basics->find('elbow'))->toBeNull();
});

it('counts what a short form brings from the rank that it is for', function (): void {
    $wrist = Made::attack(id: 'w');
    $basics = BasicsIndex::of(
        Made::catalogue(
            [$wrist],
            [
                Made::answer(
                    'x',
                    $wrist,
                    'c',
                    short: new ShortForm('a', 1),
                    beats: "left hand parry\nright palm chin\nleave 6",
                ),
            ],
        ),
    );

    expect(BasicsFixture::basics($basics))->toBe(['a step leave: x@3', 'a control parry: x@1', 'c strike palm: x@2']);
});

it('has every answer of the demo in the index', function (): void {
    $used = [];
    foreach (BasicsIndex::of(Made::demo())->basics as $basic) {
        foreach ($basic->uses as [$answer]) {
            $used[$answer->id] = true;
        }
    }
    expect($used)->toHaveCount(count(Made::demo()->answers));
});
