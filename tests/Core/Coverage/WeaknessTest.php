<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use Tests\Support\English;
use Tests\Support\Made;

beforeEach(function (): void {
    $this->throat = Made::attack(
        'throat-front',
        ['hand' => 'both', 'phase' => 'landed', 'intent' => 'choke'],
        'throat',
        'b',
    );
    $this->hole = static fn (HoleKind $kind, array $attacks, array $answers, array $policy = []): Hole => array_values(
        array_filter(
            Coverage::whole(Made::catalogue($attacks, $answers, policy: $policy))->holes,
            static fn (Hole $hole): bool => $hole->kind === $kind,
        ),
    )[0];
    $this->told = static fn (Hole $hole): array => array_map(
        static fn ($failure): array => [$failure->answer, $failure->beat, English::say($failure->message)],
        $hole->fails,
    );
});

it('tells at which beat and by which figure an answer has what makes a hole', function (
    HoleKind $kind,
    string $beats,
    string $beat,
    string $message,
): void {
    $hole = ($this->hole)($kind, [$this->throat], [Made::answer('x', $this->throat, 'b', beats: $beats)]);

    expect(($this->told)($hole))->toBe([['x', $beat, $message]])
        ->and(English::say($hole->reason))->toEndWith($message);
})->with([
    // Small against large: an elbow of .2827 from 1.2434 never gets up to 1.6095.
    'for some bodies' => [
        HoleKind::SizeBound,
        "tuck, left hand clamp wrist, right elbow chin\nboth hands strip\nleave 6",
        '1',
        'The right elbow cannot reach the chin at any distance: it is 161 cm above the floor.',
    ],
    // His fist: .64848 from 1.37424 to the head at 1.5624 is .62058 far, with the lean .74581; from his shoulder,
    // .21672 beside an axis .6392 away, it is .67494 less .1008. 17.2 cm to spare.
    'where he still reaches' => [
        HoleKind::NoWayOut,
        'tuck, both hands strip',
        '1',
        'Ends within reach of the attacker’s fist, by 17 cm.',
    ],
    'without what it leans on' => [
        HoleKind::NoWhatIf,
        "tuck, right knee groin -> driven back\nleave 6",
        '1',
        'If the attacker is not driven back, beat 2 fails. Leaves with a hold on: both hands.',
    ],
]);

it('tells by how much a first beat comes too late', function (): void {
    // The goal of rank c tells attack and moment: nothing to react to. The hold takes .50, leaving 1.00.
    $cloth = Made::attack('cloth-two', ['hand' => 'both', 'phase' => 'reaching'], 'cloth', 'c');
    $hole = ($this->hole)(HoleKind::EarlyOnly, [$cloth], [Made::answer('x', $cloth, 'c', beats: 'leave 6 0.5 m')]);

    expect(($this->told)($hole))->toBe([
        [
            'x',
            '1',
            'The first beat is done 0.50 s after the attack arrives (arrival 0.50 s, reaction 0.00 s, beat 1.00 s).',
        ],
    ]);
});

it('tells what the policy does not teach, of each of several answers', function (): void {
    $throat = Made::attack('throat-front', ['hand' => 'both', 'phase' => 'landed', 'intent' => 'choke'], 'throat', 'a');
    $hole = ($this->hole)(
        HoleKind::Barred,
        [$throat],
        [
            Made::answer('x', $throat, 'a', beats: "tuck, both hands strip\nright palm chin\nleave 6, look"),
            Made::answer('y', $throat, 'a', beats: "tuck, both hands strip\nleft palm nose\nleave 6, look"),
        ],
        [new PolicyRow(Hazard::Contact, null, 'b', PolicyLevel::NotTaught)],
    );

    expect(array_map(static fn (array $told): array => [$told[0], $told[1]], ($this->told)($hole)))
        ->toBe([['x', '2'], ['y', '2']])
        ->and(English::say($hole->reason))->toStartWith('“Throat”: each of its 2 answers by A');
});

it('tells of nothing where the hole is that nobody answers', function (): void {
    expect(($this->hole)(HoleKind::Open, [$this->throat], [])->fails)->toBe([]);
});
