<?php

declare(strict_types=1);

use App\View\Attacks\KindNames;
use App\View\Texts;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kinds;
use Tests\Support\English;

it('reads an attack said in one line', function (string $line, string $kind, array $facets, array $unread): void {
    $spoken = (new KindNames(Texts::english()))->spoken(Kinds::builtIn())->read($line);

    expect($spoken->kind?->id)->toBe($kind)
        ->and($spoken->facets)->toEqual($facets)
        ->and(array_column($spoken->unread, 'word'))->toBe($unread);
})->with([
    [
        'right cross wrist grab from 2, thumb up, pulling, off-guard',
        'wrist-cross',
        [
            'hand' => 'right', 'bearing' => '2', 'thumb' => 'up', 'phase' => 'moving', 'intent' => 'move',
            'notice' => 'off-guard',
        ],
        [],
    ],
    ['Left wrist held, same side, thumb in', 'wrist-same', ['hand' => 'left', 'thumb' => 'inside'], []],
    ['both wrists grabbed from the front', 'wrist-both', ['hand' => 'both', 'bearing' => '12'], []],
    ['bear hug from behind, arms pinned', 'hug-behind-pinned', ['hand' => 'both', 'bearing' => '6'], []],
    ['bear hug from 5', 'hug-behind-free', ['hand' => 'both', 'bearing' => '5'], []],
    [
        'right swing from 1, stepping through, corridor, bigger',
        'swing',
        ['hand' => 'right', 'bearing' => '1', 'entry' => 'through', 'place' => 'narrow', 'build' => 'larger'],
        [],
    ],
    ['two hands choke against the wall', 'throat-front', ['hand' => 'both', 'posture' => 'wall'], []],
    ['lapel with both hands, to pin', 'cloth-two', ['hand' => 'both', 'intent' => 'pin'], []],
    ['round kick, left, at 11', 'kick-round', ['hand' => 'left', 'bearing' => '11'], []],
    ['push from behind in a crowd', 'push-behind', ['hand' => 'both', 'bearing' => '6', 'place' => 'crowd'], []],
    ['upper arm held right from 3 moving', 'arm-one', ['hand' => 'right', 'bearing' => '3', 'phase' => 'moving'], []],
    // A kind that takes both hands needs no word for it; one that takes either is not guessed.
    ['two-handed push', 'push-two', ['hand' => 'both'], []],
    ['straight punch', 'punch-straight', [], []],
    ['left arm grab from 60°', 'arm-one', ['hand' => 'left', 'bearing' => '2'], []],
    [
        'right swing from the front left (330°), reaching',
        'swing',
        ['hand' => 'right', 'bearing' => '11', 'phase' => 'reaching'],
        [],
    ],
    ['right swing from the back', 'swing', ['hand' => 'right', 'bearing' => '6'], []],
    // Only what it comes from: elsewhere they are hands and places.
    ['shoulder held at the left', 'shoulder-side', ['hand' => 'left'], []],
    ['swing from right', 'swing', ['hand' => 'right'], []],
    // Between two hours: what is not understood is said.
    ['right swing from 45°', 'swing', ['hand' => 'right'], ['45']],
    ['right swing from 9999°', 'swing', ['hand' => 'right'], ['9999']],
    ['right punch in pyjamas', 'punch-straight', ['hand' => 'right'], ['pyjamas']],
]);

it('names the nearest word for one it does not know', function (): void {
    $spoken = (new KindNames(Texts::english()))->spoken(Kinds::builtIn())->read('right wrst grab, thunb up');

    expect($spoken->unread)->toContain(['word' => 'wrst', 'nearest' => 'wrist']);
});

it('says what does not go together', function (): void {
    $spoken = (new KindNames(Texts::english()))->spoken(Kinds::builtIn())->read('right swing, landed, from 6');

    expect($spoken->refused)->toHaveCount(2)
        ->and(English::say($spoken->refused[0]))->toStartWith('Bearing “6” does not go with “Wide swing”. Allowed: ');
});

it('understands nothing of nothing', function (): void {
    $spoken = (new KindNames(Texts::english()))->spoken(Kinds::builtIn())->read('');

    expect($spoken->kind)->toBeNull()->and($spoken->understood)->toBe([])->and($spoken->unread)->toBe([]);
});

it('reads again what it says, for every kind and every way to say directions', function (string $id): void {
    $words = (new KindNames(Texts::english()))->spoken(Kinds::builtIn());
    $kind = Kinds::builtIn()->get($id);
    $directions = [
        'front', 'front right', 'right', 'back right', 'back', 'back left', 'left', 'front left',
    ];
    mt_srand(crc32($id));
    for ($i = 0; $i < 40; $i++) {
        $chosen = [];
        foreach (Facet::cases() as $facet) {
            $allowed = (new Feasibility())->allowed($kind, $facet, $chosen);
            $chosen[$facet->value] = $allowed[mt_rand(0, count($allowed) - 1)];
        }
        // By the clock, in degrees, and by the nearest of the eight directions.
        $degrees = 30 * ($chosen['bearing'] % 12);
        $near = $directions[(int) round($degrees / 45) % 8].($degrees % 90 === 0 ? '' : " ({$degrees}°)");
        $line = $words->say($kind, Facets::of($chosen), [null, "{$degrees}°", "the {$near}"][$i % 3]);
        $spoken = $words->read($line);
        $defaults = array_filter(
            array_combine(
                array_keys($chosen),
                array_map(static fn (string $facet): ?string => Facet::from($facet)->default(), array_keys($chosen)),
            ),
        );
        expect($spoken->kind?->id)->toBe($id, $line)
            ->and([...$defaults, 'hand' => 'none', ...$spoken->facets])->toEqual($chosen, $line)
            ->and($spoken->unread)->toBe([], $line)
            ->and($spoken->refused)->toBe([], $line);
    }
})->with(array_map(static fn (string $id): array => [$id], Kinds::builtIn()->ids()));
