<?php

declare(strict_types=1);

use StoneDrill\Core\Checks\Figures;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Severity;
use Tests\Core\Floor\OnTheFloor;
use Tests\Support\English;

/*
 * By hand, both bodies 1.68 m. A palm reaches the chin up to .78140 between the axes (.71010 and the body's .1008, the
 * shoulder .21672 to the side); held at the arm it is .6392. Nobody goes along with a strike while a foot moves, and a
 * length in metres is not changed.
 */
it('tells one digit more where a figure would round like the limit', function (float $metres, string $told): void {
    expect(Figures::beside($metres, 0.05))->toBe($told);
})->with([[0.0504, '5.0'], [0.0537, '5.4'], [0.0463, '4.6'], [0.036, '4'], [0.16, '16'], [0.0036, '0.4']]);

it('is one step milder where a figure is close, and says so', function (
    string $check,
    string $kind,
    array $values,
    string $beats,
    array $with,
    Severity $severity,
    bool $isClose,
): void {
    $found = array_values(
        array_filter(
            OnTheFloor::examine($kind, $values, $beats, $with)->findings,
            static fn (Finding $finding): bool => $finding->check->value === $check,
        ),
    );

    expect($found[0]->severity)->toBe($severity)
        ->and(str_contains(English::say($found[0]->message), 'That is close, within'))->toBe($isClose);
})->with([
    '3.6 cm short' => [
        'out-of-reach', 'arm-one', ['hand' => 'left'], 'slide 6 0.18 m, right palm chin', [], Severity::Warn, true,
    ],
    '5.6 cm short' => [
        'out-of-reach', 'arm-one', ['hand' => 'left'], 'slide 6 0.2 m, right palm chin', [], Severity::Stop, false,
    ],
    '3.6 cm short of a school that minds 3' => [
        'out-of-reach', 'arm-one', ['hand' => 'left'], 'slide 6 0.18 m, right palm chin', ['tolerance' => 0.03],
        Severity::Stop, false,
    ],
    '5.6 cm short of a school that minds 6' => [
        'out-of-reach', 'arm-one', ['hand' => 'left'], 'slide 6 0.2 m, right palm chin', ['tolerance' => 0.06],
        Severity::Warn, true,
    ],
    // .12 H = .2016 off the line is needed.
    '4.2 cm short of off the line' => [
        'is-hit', 'punch-straight', ['phase' => 'reaching'], 'slide 9 0.16 m', [], Severity::Warn, true,
    ],
    '10 cm short of off the line' => [
        'is-hit', 'punch-straight', ['phase' => 'reaching'], 'slide 9 0.1 m', [], Severity::Stop, false,
    ],
    // 120° and 150° of 110°, held fast so that nothing turns.
    '10° out of the arc' => [
        'wrong-arc',
        'hug-behind-free',
        ['bearing' => '4', 'notice' => 'off-guard'],
        'right palm temple',
        [],
        Severity::Warn,
        true,
    ],
    '40° out of the arc' => [
        'wrong-arc',
        'hug-behind-free',
        ['bearing' => '5', 'notice' => 'off-guard'],
        'right palm temple',
        [],
        Severity::Stop,
        false,
    ],
    // In a narrow place .5 m are free toward 3; a little more is a note, more a warning.
    '3 cm out of the room' => [
        'no-room', 'closing-in', ['place' => 'narrow'], 'slide 3 0.53 m', [], Severity::Note, true,
    ],
    '20 cm out of the room' => [
        'no-room', 'closing-in', ['place' => 'narrow'], 'slide 3 0.7 m', [], Severity::Warn, false,
    ],
]);

it('tells a figure and its limit so that they can be told apart', function (
    float $figure,
    float $limit,
    int $digits,
    array $told,
): void {
    expect(Figures::apart($figure, $limit, $digits))->toBe($told);
})->with([
    'as they are' => [0.84, 1.52964, 2, ['0.84', '1.53']],
    'a millimetre under the lunge' => [1.52864, 1.52964, 2, ['1.529', '1.530']],
    'less than a centimetre of room' => [27.61, 27.94, 0, ['27.6', '27.9']],
    'a hundredth late' => [0.0004, 0.0, 2, ['0.0004', '0.0000']],
    'alike to the last digit' => [1.0, 1.0, 0, ['1.0000', '1.0000']],
]);
