<?php

declare(strict_types=1);

use StoneDrill\Core\Drill\Turns;
use Tests\Support\DrillFixture;

it('gives everybody another partner in each round, and nobody themselves', function (): void {
    // Three in a circle, by hand: each round moves the attacker on by one more, and after two rounds begins anew.
    expect(array_map(fn (int $turn): ?int => Turns::attacker(3, $turn), range(0, 8)))->toBe([1, 2, 0, 2, 0, 1, 1, 2, 0])
        ->and(array_map(fn (int $turn): ?int => Turns::attacker(2, $turn), range(0, 3)))->toBe([1, 0, 1, 0])
        ->and(Turns::attacker(1, 7))->toBeNull()
        ->and(Turns::attacker(0, 0))->toBeNull();
    foreach (range(2, 7) as $people) {
        foreach (range(0, $people - 1) as $place) {
            $partners = array_map(
                fn (int $round): ?int => Turns::attacker($people, $round * $people + $place),
                range(0, $people - 2),
            );
            expect($partners)->toEqualCanonicalizing(array_values(array_diff(range(0, $people - 1), [$place])));
        }
    }
});

it('passes over whoever has nothing to drill', function (): void {
    expect(Turns::next([true, false, true], 0))->toBe(0)
        ->and(Turns::next([true, false, true], 1))->toBe(2)
        ->and(Turns::next([true, false, false], 1))->toBe(3)
        ->and(Turns::next([false, false], 5))->toBe(5);
});

it('has written down for the scripts what it does now', function (): void {
    expect((string) file_get_contents(DrillFixture::FILE))->toBe(
        DrillFixture::json(),
        'Run composer fixtures, then look at what has changed.',
    );
});
