<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Blow;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Hold;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Technique\Limb;

it('knows how each kind comes', function (string $id, ?Blow $blow): void {
    expect(Kinds::builtIn()->get($id)->blow())->toBe($blow);
})->with([
    ['punch-straight', Blow::Straight], ['swing', Blow::Swing], ['slap', Blow::Slap], ['punch-rising', Blow::Rising],
    ['punch-low', Blow::Low], ['punch-behind', Blow::Behind], ['kick-front', Blow::FrontKick],
    ['kick-round', Blow::RoundKick], ['push-one', Blow::Push], ['push-two', Blow::Push], ['push-behind', Blow::Push],
    ['dive-legs', Blow::Dive], ['wrist-same', null], ['throat-front', null], ['hug-behind-free', null],
    ['clinch-trip', null], ['ground-astride', null], ['closing-in', null],
]);

it('knows what each blow aims at, reaches with and takes', function (
    Blow $blow,
    float $aim,
    float $chain,
    float $arrival,
    bool $round,
    bool $high,
): void {
    expect([$blow->aim(), $blow->chain(), $blow->arrival(), $blow->isRound(), $blow->isHigh()])->toBe([
        $aim,
        $chain,
        $arrival,
        $round,
        $high,
    ]);
})->with([
    [Blow::Straight, 0.93, 0.386, 0.45, false, true],
    [Blow::Swing, 0.93, 0.386, 0.6, true, true],
    [Blow::Slap, 0.93, 0.352, 0.45, true, true],
    [Blow::Rising, 0.87, 0.386, 0.45, false, true],
    [Blow::Low, 0.62, 0.386, 0.45, false, false],
    [Blow::Behind, 0.93, 0.386, 0.7, false, true],
    [Blow::FrontKick, 0.48, 0.53, 0.6, false, false],
    [Blow::RoundKick, 0.38, 0.43, 0.6, true, false],
    [Blow::Push, 0.8, 0.352, 0.5, false, false],
    [Blow::Dive, 0.4, 0.386, 0.8, false, false],
]);

it('lets a school’s own kind come as its family does', function (Family $family, array $bearings, Blow $blow): void {
    expect((new Kind('own', $family, Start::Delivered, [], [], [Hand::Right], $bearings))->blow())->toBe($blow);
})->with([
    [Family::Strike, [11, 12, 1], Blow::Straight],
    [Family::Strike, [5, 6, 7], Blow::Behind],
    [Family::Kick, [12], Blow::FrontKick],
    [Family::Push, [6], Blow::Push],
    [Family::Takedown, [12], Blow::Dive],
]);

it('knows which arms hold, and which wrists', function (string $id, Hand $hand, array $arms, array $wrists): void {
    $hold = Hold::of(Kinds::builtIn()->get($id), $hand);

    expect(
        array_values(
            array_filter(['left', 'right'], static fn (string $side): bool => $hold->keeps(Hand::from($side))),
        ),
    )
        ->toBe($arms)
        ->and(
            array_values(
                array_filter(
                    ['left', 'right'],
                    static fn (string $side): bool => $hold->holdsWristOf(Limb::from($side.' hand')),
                ),
            ),
        )
        ->toBe($wrists);
})->with([
    ['wrist-same', Hand::Right, ['right'], ['left']],
    ['wrist-same', Hand::Left, ['left'], ['right']],
    ['sleeve', Hand::Right, ['right'], ['left']],
    ['wrist-cross', Hand::Right, ['right'], ['right']],
    ['handshake', Hand::Left, ['left'], ['left']],
    ['wrist-double', Hand::Right, ['left', 'right'], ['left']],
    ['wrist-both', Hand::Both, ['left', 'right'], ['left', 'right']],
    ['arm-one', Hand::Left, ['left'], []],
    ['cloth-two', Hand::Both, ['left', 'right'], []],
    ['forearm-behind', Hand::Right, ['left', 'right'], []],
    ['headlock-side', Hand::Left, ['left', 'right'], []],
    ['punch-straight', Hand::Right, [], []],
    ['ground-astride', Hand::Both, [], []],
]);

it('ends a hold arm by arm', function (string $id, Hand $hand, Hand $gone, array $texts): void {
    expect(
        Hold::of(Kinds::builtIn()->get($id), $hand)
            ->withoutArm($gone)
            ->names(),
    )->toBe($texts);
})->with([
    'the arm that holds' => ['cloth-one', Hand::Right, Hand::Right, []],
    'the other one' => ['cloth-one', Hand::Right, Hand::Left, ['right hand']],
    'one of two hands' => ['cloth-two', Hand::Both, Hand::Left, ['right hand']],
    'one of two on a wrist' => ['wrist-double', Hand::Right, Hand::Right, ['left hand on left wrist']],
    'one of two wrists' => ['wrist-both', Hand::Both, Hand::Right, ['left hand on right wrist']],
    'a hug needs both arms' => ['hug-front-free', Hand::Both, Hand::Left, []],
]);

it('is stripped only where a strip works', function (string $id, Hand $hand, bool $works): void {
    expect(Hold::of(Kinds::builtIn()->get($id), $hand)->canBeStripped())->toBe($works);
})->with([
    ['wrist-same', Hand::Left, true], ['shoulders-front', Hand::Both, true], ['throat-front', Hand::Both, true],
    ['throat-behind', Hand::Both, true], ['forearm-behind', Hand::Right, false], ['hug-front-free', Hand::Both, false],
    ['headlock-side', Hand::Right, false],
]);
