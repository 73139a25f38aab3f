<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Fewest;
use Tests\Support\Made;

it('tells what the fewest are taught to beside what works', function (): void {
    // Stepping back answers the reach for a wrist; once the wrist is held it leaves with the hold on.
    $reaching = Made::attack('wrist-cross', ['phase' => 'reaching'], 'reaching', 'b', 1);
    $holding = Made::attack('wrist-cross', ['phase' => 'landed'], 'holding', 'b', 3);
    $back = Made::answer(
        'back',
        $reaching,
        'b',
        listed: ['phase' => ['reaching', 'landed']],
        beats: "hop 6 long\nleave 6, look",
    );
    $fewest = Fewest::of(Made::catalogue([$reaching, $holding], [$back]), 'b', 0.1);
    expect(array_map(static fn (array $step): string => $step['candidate']->move, $fewest->chosen))->toBe(['teach']);
    // One side each of two attacks with two sides, of weights 1 and 3.
    expect([$fewest->covered, $fewest->taught])->toEqual([1 / 8, 4 / 8]);
});

it('counts what two answers are both taught to once', function (): void {
    $holding = Made::attack('wrist-cross', ['phase' => 'landed'], 'holding', 'b', 3);
    $strip = Made::answer('strip', $holding, 'b', beats: "left hand strip toward thumb\nleave 6, look");
    $fewest = Fewest::of(Made::catalogue([$holding], [$strip]), 'b', 1.0);
    expect([$fewest->covered, $fewest->taught, count($fewest->chosen)])->toEqual([1.0, 1.0, 2])
        ->and(Fewest::of(Made::catalogue([$holding], []), 'b', 1.0)->taught)->toBe(0.0);
});
