<?php

declare(strict_types=1);

use StoneDrill\Core\Technique\Notation\Nearest;

it('finds the word that was probably meant', function (string $found, ?string $meant): void {
    expect(
        Nearest::to($found, [
            'step', 'strip', 'palm', 'right', 'rocked', 'released', 'front kick', 'or', 'chin', 'shin',
        ]),
    )->toBe($meant);
})->with([
    'one letter too many' => ['stepp', 'step'],
    'one letter missing' => ['stp', 'step'],
    'another letter' => ['strap', 'strip'],
    'two letters that changed places' => ['plam', 'palm'],
    'the same in a longer word' => ['rigth', 'right'],
    'two letters of five' => ['rockt', 'rocked'],
    'three letters of eight' => ['releasse', 'released'],
    'two words' => ['frnt kick', 'front kick'],
    'capitals' => ['PALMM', 'palm'],
    'the first of two that are equally near' => ['hin', 'chin'],
    'the beginning of a longer one' => ['front', 'front kick'],
    'too short a beginning' => ['fro', null],
    'too far' => ['zebra', null],
    'too short to tell' => ['ot', null],
    'the word itself' => ['or', null],
    'nothing' => ['', null],
    'far too long' => [str_repeat('a', 61), null],
]);
