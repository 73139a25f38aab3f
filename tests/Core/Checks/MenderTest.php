<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use Tests\Core\Checks\MenderFixture;

it('mends', function (string $check, string $kind, array $values, string $beats, ?string $expected): void {
    expect(MenderFixture::mended($check, $kind, $values, $beats))->toBe($expected);
})->with([
    'adds a leave that leads away' => [
        'no-exit',
        'closing-in',
        [],
        "both hands guard\nlook",
        "both hands guard\nlook\nleave 6, look\n",
    ],
    'takes the other hand' => ['pinned-limb', 'wrist-cross', [], 'right palm chin', "left palm chin\n"],
    'takes the other hand where one grips' => [
        'two-jobs',
        'cloth-one',
        [],
        "left hand clamp wrist\nleft palm chin",
        "left hand clamp wrist\nright palm chin\n",
    ],
    // Half a step leaves .4922 m: the elbow comes √(.186² − .052²) · 1.68 + .12523 = .4253 far, the gap is .437.
    'lengthens the step' => [
        'out-of-reach',
        'wrist-cross',
        [],
        "left hand strip toward thumb\nleft foot step 12 short, left elbow chin",
        "left hand strip toward thumb\nleft foot step 12, left elbow chin\n",
    ],
    'shortens a step' => ['base', 'closing-in', [], 'left foot step 9 long', "left foot step 9\n"],
    'turns a strip round' => [
        'against-the-fingers',
        'wrist-cross',
        [],
        "both hands strip toward fingers\nleave 6",
        "both hands strip toward thumb\nleave 6\n",
    ],
    'looks' => ['blind-exit', 'closing-in', [], 'leave 6', "leave 6, look\n"],
    'strips before leaving' => [
        'still-held',
        'wrist-cross',
        [],
        "left hand guard\nleave 6",
        "left hand guard\nboth hands strip toward thumb\nleave 6\n",
    ],
    'parries' => ['is-hit', 'punch-straight', ['phase' => 'reaching'], 'look', "look, both hands parry\n"],
    'guards' => ['loose-hand', 'cloth-one', [], "look\nlook", "look\nlook, both hands guard\n"],
    'tucks' => [
        'slow-choke',
        'throat-front',
        [],
        "right palm chin\nboth hands strip\nleave 6",
        "right palm chin, tuck\nboth hands strip\nleave 6\n",
    ],
    'nothing where thought is needed' => [
        'unbranched',
        'wrist-cross',
        [],
        "left palm chin -> driven back\nleave 6",
        null,
    ],
    'nothing that would make something else stop' => ['out-of-reach', 'closing-in', [], 'right knee groin', null],
]);

it('gives the mend as the answer is written, also when it is seen mirrored', function (): void {
    expect(MenderFixture::mended('pinned-limb', 'wrist-cross', [], 'right palm chin', Side::Mirrored))->toBe(
        "left palm chin\n",
    );
});
