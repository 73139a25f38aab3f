<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\ShortForm;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\HomeItem;
use StoneDrill\Core\Session\HomeSheet;
use Tests\Support\Made;

beforeEach(function (): void {
    $this->now = new DateTimeImmutable(Made::NOW);
    $this->attacks = array_map(
        fn (int $number) => Made::attack(id: "k{$number}", neededBy: 'a', prevalence: $number),
        range(1, 7),
    );
    $this->sheet = function (
        array $answers,
        array $windows = [],
        array $flags = [],
        string $rank = 'a',
        array $ahead = [],
    ): array {
        return (new HomeSheet(Made::catalogue($this->attacks, $answers), $this->now))->of(
            new Student('s', 'S', $rank, flags: $flags),
            $windows,
            $ahead,
        );
    };
    $this->names = fn (array $items): array => array_map(
        fn (HomeItem $item): string => "{$item->answer->id} {$item->side->value}",
        $items,
    );
    $this->window = fn (array $outcomes): Window => Window::of(
        array_map(
            fn (string $outcome, int $place) => Made::rep(2, $outcome, $place + 1),
            $outcomes,
            array_keys($outcomes),
        ),
        Made::catalogue([], [])->ladder,
    );
});

it('gives what is weakest first, what was tried before what was not, and five at most', function (): void {
    $answers = array_map(fn ($attack) => Made::answer('x'.substr($attack->id, 1), $attack, 'a'), $this->attacks);
    $windows = [
        'k2 written' => ($this->window)(['hit', 'hit']),
        'k4 written' => ($this->window)(['clean', 'hit']),
        'k6 written' => ($this->window)(array_fill(0, 9, 'clean')),
    ];

    // Two hits are weaker than a hit and a clean one; k6 is held; of the untried ones the most prevalent come first.
    expect(($this->names)(($this->sheet)($answers, $windows)))->toBe([
        'x2 written',
        'x4 written',
        'x7 written',
        'x5 written',
        'x3 written',
    ]);
});

it('takes the weaker side of an answer that is for both', function (): void {
    $items = ($this->sheet)(
        [Made::answer('x1', $this->attacks[0], 'a', true, beats: "left foot step 9\nright palm chin\nleave 6")],
        ['k1 written' => ($this->window)(['clean']), 'k1 mirrored' => ($this->window)(['hit'])],
    );

    expect(($this->names)($items))->toBe(['x1 mirrored'])
        ->and($items[0]->side)->toBe(Side::Mirrored)
        ->and($items[0]->beats->toText())->toContain('right foot step 3')
        // A chin is at .870 of a stature: 1.72 m is 150 cm.
        ->and(array_map(fn (array $target): array => [$target[0]->value, $target[1]], $items[0]->targets(1.72)))
        ->toBe([['chin', 150]]);
});

it('gives nothing of a higher rank, nothing that is barred, and nothing that is not done alone', function (): void {
    $answers = [
        Made::answer('later', $this->attacks[0], 'b'),
        Made::answer('eyes', $this->attacks[1], 'a', beats: "right fingertips eyes\nleave 6"),
        Made::answer('fine', $this->attacks[2], 'a'),
        Made::answer('down', $this->attacks[3], 'a', beats: "right foot sweep leg\nleave 6"),
    ];
    $without = ($this->names)(($this->sheet)($answers, flags: ['no-eyes']));

    expect($without)->toContain('fine written')
        ->not->toContain('later written')
        ->not->toContain('eyes written')
        ->not->toContain('down written')
        ->and(($this->names)(($this->sheet)($answers)))->toContain('eyes written')
        ->and(($this->names)(($this->sheet)($answers, rank: 'b')))->toContain('later written');
});

it('gives a candidate what was taught on the way to a test, as its rank is taught it', function (): void {
    $answers = [
        Made::answer('own', $this->attacks[0], 'a'),
        Made::answer('later', $this->attacks[1], 'b'),
        Made::answer(
            'short',
            $this->attacks[2],
            'b',
            short: new ShortForm('a', 1),
            beats: "hop 6 long -> released\nhop 6\nhop 6\nleave 6",
        ),
        Made::answer('latest', $this->attacks[3], 'c'),
        Made::answer('eyes', $this->attacks[4], 'b', beats: "right fingertips eyes -> released\nleave 6"),
    ];
    $ahead = ['later' => 'b', 'short' => 'b', 'latest' => 'b', 'eyes' => 'b'];
    $beats = fn (array $items): array => array_combine(
        array_map(static fn (HomeItem $item): string => $item->answer->id, $items),
        array_map(static fn (HomeItem $item): int => count($item->beats->line), $items),
    );

    // Below its own rank one is taught a beat and the end. What comes with rank c is not practised as rank b either,
    // and a flag bars at every rank.
    expect($beats(($this->sheet)($answers)))->toBe(['short' => 2, 'own' => 2])
        ->and($beats(($this->sheet)($answers, flags: ['no-eyes'], ahead: $ahead)))
        ->toBe(['short' => 4, 'later' => 2, 'own' => 2]);
});

it('knows what one more clean try would complete', function (): void {
    // Five clean ones of one rung an hour ago: looked for one by one, until one more is enough.
    $counts = array_filter(
        range(0, 12),
        fn (int $count): bool => ($this->window)($count === 0 ? [] : array_fill(0, $count, 'clean'))->lacksOne(
            2,
            $this->now,
        ),
    );
    $holds = array_filter(
        range(1, 12),
        fn (int $count): bool => ($this->window)(array_fill(0, $count, 'clean'))->state(2, $this->now)->value
            === 'holds',
    );

    expect(array_values($counts))->toBe([min($holds) - 1]);
});
