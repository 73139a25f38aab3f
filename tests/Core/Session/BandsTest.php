<?php

declare(strict_types=1);

use StoneDrill\Core\Session\Band;
use StoneDrill\Core\Session\Bands;

/** What is worth most, by trying every cut. @return array{float, int} the value and the fewest bands that reach it */
function bestCut(array $values, int $most, int $taught): array
{
    $people = count($values);
    $best = [-1.0, 0];
    for ($cuts = 0; $cuts < 2 ** max(0, $people - 1); $cuts++) {
        $ends = [
            ...array_filter(
                range(1, max(1, $people - 1)),
                fn (int $place): bool => $people > 1 && (($cuts >> ($place - 1)) & 1) === 1,
            ),
            $people,
        ];
        if (count($ends) > $most) {
            continue;
        }
        [$sum, $from] = [0.0, 0];
        foreach ($ends as $to) {
            $each = [];
            foreach (array_keys($values[0]) as $answer) {
                $of = array_column(array_slice($values, $from, $to - $from), $answer);
                $each[] = in_array(null, $of, true) ? 0 : array_sum($of);
            }
            rsort($each);
            $sum += array_sum(array_slice($each, 0, $taught));
            $from = $to;
        }
        if ($sum > $best[0] + 1e-9 || ($sum > $best[0] - 1e-9 && count($ends) < $best[1])) {
            $best = [max($sum, $best[0]), count($ends)];
        }
    }

    return $best;
}

it('cuts where what is taught is worth most, as trying every cut does', function (): void {
    mt_srand(11);
    for ($try = 0; $try < 150; $try++) {
        [$people, $answers, $most, $taught] = [mt_rand(1, 8), mt_rand(1, 6), mt_rand(1, 4), mt_rand(1, 3)];
        $values = array_map(
            fn (): array => array_map(
                fn (): ?float => match (mt_rand(0, 5)) {
                    0 => null,
                    1 => 0.0,
                    default => (float) mt_rand(1, 9),
                },
                range(1, $answers),
            ),
            range(1, $people),
        );
        $bands = Bands::cut($values, $most, $taught);

        expect([array_sum(array_map(fn (Band $band): float => $band->value, $bands)), count($bands)])
            ->toEqual(bestCut($values, $most, $taught))
            ->and($bands[0]->from)->toBe(0)
            ->and(end($bands)->to)->toBe($people);
    }
});

it('teaches a band nothing that is barred for one of it', function (): void {
    // The first is worth most to two, and barred for the third: alone the third learns the second.
    $values = [
        ['first' => 9.0, 'second' => 1.0],
        ['first' => 9.0, 'second' => 1.0],
        ['first' => null, 'second' => 4.0],
    ];

    expect(array_map(fn (Band $band): array => [$band->from, $band->to, $band->answers], Bands::cut($values, 2, 1)))
        ->toBe([[0, 2, ['first' => 18.0]], [2, 3, ['second' => 4.0]]])
        ->and(array_map(fn (Band $band): array => $band->answers, Bands::cut($values, 1, 1)))
        ->toBe([['second' => 6.0]]);
});

it('keeps together whom nothing parts, and cuts nobody in two', function (): void {
    expect(Bands::cut(array_fill(0, 6, ['a' => 2.0]), 3, 1))->toHaveCount(1)->and(Bands::cut([], 3, 1))->toBe([]);
});
