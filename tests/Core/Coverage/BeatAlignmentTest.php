<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\BeatAlignment;
use StoneDrill\Core\Technique\Beats;

it('puts like beats beside each other', function (string $a, string $b, array $pairs): void {
    expect(BeatAlignment::of(Beats::parse($a), Beats::parse($b)))->toBe($pairs);
})->with([
    'the same' => ["pivot 6\nright palm chin\nleave 6", "pivot 6\nright palm chin\nleave 6", [[0, 0], [1, 1], [2, 2]]],
    'one more' => ["pivot 6\nleave 6", "pivot 6\nright palm chin\nleave 6", [[0, 0], [null, 1], [1, 2]]],
    'one fewer' => ["pivot 6\nright palm chin\nleave 6", "pivot 6\nleave 6", [[0, 0], [1, null], [2, 1]]],
    'another instead' => [
        "pivot 6\nright palm chin\nleave 6",
        "pivot 6\nboth hands guard\nleave 6",
        [[0, 0], [1, 1], [2, 2]],
    ],
    'nothing alike' => ['right palm chin', "pivot 6\nleave 6", [[0, 0], [null, 1]]],
    'another side' => ["left foot step 9\nright palm chin", "right foot step 3\nleft palm chin", [[0, 0], [1, 1]]],
]);

it('keeps every beat of both, each once and in order', function (): void {
    mt_srand(3);
    $words = [
        'pivot 6', 'right palm chin', 'leave 6', 'left foot step 9, left hand parry forearm', 'both hands guard',
        'right knee groin',
    ];
    for ($case = 0; $case < 200; $case++) {
        $draw = static fn (): string => implode(
            "\n",
            array_map(static fn (): string => $words[mt_rand(0, 5)], range(1, mt_rand(1, 6))),
        );
        [$a, $b] = [Beats::parse($draw()), Beats::parse($draw())];
        $pairs = BeatAlignment::of($a, $b);
        foreach ([0 => $a, 1 => $b] as $side => $beats) {
            expect(array_values(array_filter(array_column($pairs, $side), is_int(...))))->toBe(
                array_keys($beats->line),
            );
        }
    }
});
