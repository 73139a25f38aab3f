<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Failure;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\HoleFinder;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Coverage\MoveKind;
use StoneDrill\Core\Coverage\ProvenShare;
use StoneDrill\Core\Coverage\RunCache;
use StoneDrill\Core\Coverage\Widener;
use StoneDrill\Core\Coverage\Works;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\AnswerStandard;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Technique\Beats;
use Tests\Core\Coverage\HolesFixture;
use Tests\Support\English;
use Tests\Support\Made;

// A throat held from the front has one side; rank b needs it. Clear of every weakness: it strips, then leaves.
dataset('weaknesses', [
    'none' => ["tuck, both hands strip\nleave 6, look", []],
    'leaves with the hold on' => ["tuck\nleave 6", ['fails']],
    'ends in the attacker’s reach' => ['tuck, both hands strip', ['no way out']],
    'leans on an effect' => ["tuck, right knee groin -> driven back\nleave 6", ['no what-if']],
    'leans on it, with a what-if' => ["tuck, right knee groin -> driven back\n  if not: both hands strip\nleave 6", []],
    // Small against large: an elbow of .2827 from 1.2434 never gets up to 1.6095.
    'reaches only one alike' => [
        "tuck, left hand clamp wrist, right elbow chin\nboth hands strip\nleave 6",
        ['size-bound'],
    ],
]);

it('finds what every answer of a cell lacks', function (string $beats, array $expected): void {
    $throat = Made::attack('throat-front', ['hand' => 'both', 'phase' => 'landed', 'intent' => 'choke'], 'throat', 'b');

    expect(HolesFixture::faultHoles([$throat], [Made::answer('x', $throat, 'b', beats: $beats)]))->toBe($expected);
})->with('weaknesses');

it('tells where each answer fails, and counts the cell as no more than taught', function (): void {
    $throat = Made::attack('throat-front', ['hand' => 'both', 'phase' => 'landed', 'intent' => 'choke'], 'throat', 'b');
    $catalogue = Made::catalogue(
        [$throat],
        [
            Made::answer('x', $throat, 'b', beats: "tuck\nleave 6"),
            Made::answer('y', $throat, 'a', beats: "tuck\nhead nose\nboth hands strip\nleave 6, look"),
        ],
    );
    $fails = array_values(
        array_filter(
            Coverage::whole($catalogue)->holes,
            static fn (Hole $hole): bool => $hole->kind === HoleKind::Fails,
        ),
    );

    // The head reaches .15026 of .5384 and goes .2016 with it: 18.7 cm short. Prevalence 3, one side, .95.
    expect($fails)->toHaveCount(1)
        ->and($fails[0]->weight)->toEqualWithDelta(2.85, 1e-12)
        ->and(array_map(static fn (Failure $failure): array => [$failure->answer, $failure->beat], $fails[0]->fails))
        ->toBe([['y', '2'], ['x', '2']])
        ->and(English::say($fails[0]->fails[0]->message))->toBe('The head is 19 cm too short for the nose.')
        ->and(English::say($fails[0]->reason))
        ->toBe('“Throat”: each of its 2 answers by B fails, at beat 2: The head is 19 cm too short for the nose.');

    // One that works is enough.
    $more = $catalogue->withAnswers([
        ...$catalogue->answers,
        Made::answer('z', $throat, 'b', beats: "tuck, both hands strip\nleave 6, look"),
    ]);
    expect(
        array_filter(Coverage::whole($more)->holes, static fn (Hole $hole): bool => $hole->kind === HoleKind::Fails),
    )->toBe([]);
});

it('tells of each cell once that it has looked at it', function (): void {
    $throat = Made::attack('throat-front', ['hand' => 'both', 'phase' => 'landed', 'intent' => 'choke'], 'throat', 'b');
    $catalogue = Made::catalogue([$throat], [Made::answer('x', $throat, 'b', beats: "tuck\nleave 6")]);
    $cells = Coverage::of($catalogue)->cells;
    $looked = 0;
    $holes = HoleFinder::whole($catalogue)->find($cells, function (int $more) use (&$looked): void {
        $looked += $more;
    });

    expect($looked)->toBe(count($cells))
        ->and($looked)->toBeGreaterThan(0)
        ->and($holes)->toEqual(HoleFinder::whole($catalogue)->find($cells));
});

it('is content when one answer is sound', function (): void {
    $throat = Made::attack('throat-front', ['hand' => 'both', 'phase' => 'landed', 'intent' => 'choke'], 'throat', 'b');

    expect(
        HolesFixture::faultHoles(
            [$throat],
            [
                Made::answer('x', $throat, 'b', beats: 'tuck, both hands strip'),
                Made::answer('y', $throat, 'b', beats: "tuck, both hands strip\nleave 6"),
            ],
        ),
    )
        ->toBe([])
        // One that comes only later does not help.
        ->and(
            HolesFixture::faultHoles(
                [$throat],
                [
                    Made::answer('x', $throat, 'b', beats: 'tuck, both hands strip'),
                    Made::answer('y', $throat, 'c', beats: "tuck, both hands strip\nleave 6"),
                ],
            ),
        )
        ->toBe(['no way out']);
});

it('finds no hole where a school leaves it open how its answers end', function (Leaving $leaving, array $kinds): void {
    $throat = Made::attack('throat-front', ['hand' => 'both', 'phase' => 'landed', 'intent' => 'choke'], 'throat', 'b');
    $catalogue = Made::catalogue([$throat], [Made::answer('x', $throat, 'b', beats: 'tuck, both hands strip')]);
    $asks = new AnswerStandard(leaving: $leaving);
    $school = new School($catalogue->school->name, Doctrine::Escape, asks: $asks);

    expect(
        array_map(
            static fn (Hole $hole): string => $hole->kind->value,
            array_values(
                array_filter(
                    Coverage::whole($catalogue->withSchool($school))->holes,
                    static fn (Hole $hole): bool => $hole->kind !== HoleKind::Uncatalogued,
                ),
            ),
        ),
    )->toBe($kinds);
})->with([[Leaving::Always, ['no way out']], [Leaving::UnlessDown, ['no way out']], [Leaving::Free, []]]);

it('bars what the policy does not teach, and offers what is softer', function (): void {
    // No contact below the second rank.
    $throat = Made::attack('throat-front', ['hand' => 'both', 'phase' => 'landed', 'intent' => 'choke'], 'throat', 'a');
    $catalogue = Made::catalogue(
        [$throat],
        [
            Made::answer(
                'x',
                $throat,
                'a',
                beats: "tuck, both hands clamp wrist\nright palm chin\nboth hands strip\nleave 6, look",
            ),
        ],
        policy: [new PolicyRow(Hazard::Contact, null, 'b', PolicyLevel::NotTaught)],
    );
    $hole = array_values(
        array_filter(
            Coverage::whole($catalogue, widener: new Widener($catalogue))->holes,
            static fn (Hole $hole): bool => $hole->kind === HoleKind::Barred,
        ),
    )[0];

    // Prevalence 3, one side, .9.
    expect($hole->weight)->toEqualWithDelta(2.7, 1e-12)
        ->and($hole->moves[0]->kind)->toBe(MoveKind::Soften)
        ->and($hole->moves[0]->beats?->toText())
        ->toBe("tuck, both hands clamp wrist\nright hand press chin\nboth hands strip\nleave 6, look\n");
});

it('finds what comes only before it lands, at the rung that is the goal', function (): void {
    // Rank c has its goal at rung 4, where attack and moment are told: .50 − .35 is enough. A hold takes .50 to arrive.
    $wrist = Made::attack('cloth-two', ['hand' => 'both', 'phase' => 'reaching'], 'cloth', 'c');
    expect(HolesFixture::faultHoles([$wrist], [Made::answer('x', $wrist, 'c', beats: 'leave 6 0.5 m')]))
        ->toContain('early-only')
        ->and(HolesFixture::faultHoles([$wrist], [Made::answer('x', $wrist, 'c', beats: "slide 6\nleave 6")]))
        ->not->toContain('early-only');

    // The same once it has landed is answered: nothing is missing.
    $landed = Made::attack('cloth-two', ['hand' => 'both', 'phase' => 'landed'], 'landed', 'c');
    expect(
        HolesFixture::faultHoles(
            [$wrist, $landed],
            [
                Made::answer('x', $wrist, 'c', beats: 'leave 6 0.5 m'),
                Made::answer('y', $landed, 'c', beats: "both hands strip\nleave 6"),
            ],
        ),
    )->not->toContain('early-only');
});

it('names what nobody has catalogued', function (): void {
    $catalogue = Made::catalogue(
        [
            Made::attack(
                'hug-behind-free',
                ['hand' => 'both', 'bearing' => '6', 'phase' => 'landed', 'notice' => 'off-guard', 'intent' => 'pin'],
                'hug',
            ),
        ],
        [],
    );
    $missing = array_map(
        static fn (Hole $hole): string => $hole->id,
        array_filter(
            Coverage::whole($catalogue, widener: new Widener($catalogue))->holes,
            static fn (Hole $hole): bool => $hole->kind === HoleKind::Uncatalogued,
        ),
    );

    // From behind nobody is ready; lying is for the ground; a hold with both arms has no follow-up.
    expect($missing)->toEqualCanonicalizing([
        'hug-behind-free phase reaching',
        'hug-behind-free phase moving',
        'hug-behind-free posture seated',
        'hug-behind-free posture kneeling',
        'hug-behind-free posture wall',
    ]);
});

it('tells what too few hold, and what fades', function (int $clean, ?HoleKind $expected): void {
    $throat = Made::attack('throat-front', ['hand' => 'both', 'phase' => 'landed', 'intent' => 'choke'], 'throat', 'a');
    $plain = Made::catalogue(
        [$throat],
        [Made::answer('x', $throat, 'a', beats: "tuck, both hands strip\nleave 6, look")],
    );
    $at = new DateTimeImmutable('2026-11-24T12:00:00+00:00');
    $reps = [];
    for ($i = 0; $i < $clean; $i++) {
        $reps[] = new Rep(
            sprintf('00000000-0000-4000-8000-%012d', $i),
            'ada',
            'throat',
            Side::Written,
            2,
            Outcome::Clean,
            $at,
        );
    }
    $holes = array_filter(
        Coverage::whole(
            $plain,
            new RunCache(),
            new Widener($plain),
            ProvenShare::of($plain, [new Student('ada', 'Ada', 'a')], $reps, $at),
        )->holes,
        static fn (Hole $hole): bool => $hole->kind === HoleKind::Unproven || $hole->kind === HoleKind::Fading,
    );

    expect(array_values(array_map(static fn (Hole $hole): HoleKind => $hole->kind, $holes)))->toBe(
        $expected === null ? [] : [$expected],
    );
})->with([
    // Three fresh clean reps hold (.661) and fade in less than 30 days; twelve last. Two do not hold (.552).
    'two' => [2, HoleKind::Unproven],
    'three' => [3, HoleKind::Fading],
    'twelve' => [12, null],
]);

it('closes each hole with every move that it offers', function (array $catalogues, array $moves): void {
    $tried = [];
    foreach ($catalogues as $seed) {
        $catalogue = $seed === null ? Made::demo() : HolesFixture::faultyCatalogue($seed);
        foreach (HolesFixture::takenMoves($catalogue) as [$hole, $move, $left]) {
            expect($left)->toBe([], "{$hole->kind->value} {$hole->attack}: {$move->kind->value} {$move->answer}");
            $tried[$move->kind->value] = true;
        }
    }
    expect(array_keys($tried))->toContain(...$moves);
})->with([
    'the demo' => [[null], ['mirror', 'widen', 'earlier']],
    'random catalogues' => [range(1, 20), ['mirror', 'widen', 'earlier', 'soften']],
]);

it('finds the same after a change as from the ground up', function (int $seed): void {
    $before = HolesFixture::faultyCatalogue($seed);
    $memory = new RunCache();
    $whole = fn (Catalogue $catalogue): Coverage => Coverage::whole(
        $catalogue,
        $memory,
        new Widener($catalogue, $memory),
    );
    $answers = $before->answers;
    $place = mt_rand(0, 5);
    $other = $answers[mt_rand(0, 5)];
    // Changed, taken away, added, moved, or run on into: what concerns a part of the wall, and what concerns all of it.
    $answers = match ($seed % 5) {
        0 => array_values(
            array_replace($answers, [
                $place => $answers[$place]->withBeats(
                    Beats::parse("left foot step 3, left hand parry forearm -> released\nleave 3, look"),
                ),
            ]),
        ),
        1 => array_values(array_diff_key($answers, [$place => true])),
        2 => [...$answers, Made::answer('new', $before->attacks[mt_rand(0, 7)], 'b', true, ['kind' => null])],
        3 => array_values(
            array_replace($answers, [$place => $answers[$place]->introducedFrom('a', $before->rankOrder())]),
        ),
        4 => array_values(
            array_replace($answers, [
                $place => $answers[$place]->withBeats(
                    Beats::parse("right knee groin -> folded\n  if not: go to \"{$other->title}\" beat 1\nleave 6"),
                ),
            ]),
        ),
    };
    $now = $before->withAnswers($answers);
    $after = $whole($before)->after($now, HoleFinder::whole($now, $memory, new Widener($now, $memory)));

    expect($after->cells)->toEqual($whole($now)->cells)->and($after->holes)->toEqual($whole($now)->holes);

    // And once more, by what it ran on into.
    $again = $now->withAnswers(
        array_map(
            fn (Answer $answer): Answer => $answer->id === $other->id
                ? $answer->withBeats(Beats::parse("both hands strip\nleave 6, look"))
                : $answer,
            $now->answers,
        ),
    );
    $fresh = new RunCache();
    expect($after->after($again, HoleFinder::whole($again, $memory, new Widener($again, $memory)))->holes)->toEqual(
        Coverage::whole($again, $fresh, new Widener($again, $fresh))->holes,
    );
})->with(range(1, 30));

it('begins anew when more than answers has changed', function (): void {
    $before = HolesFixture::faultyCatalogue(3);
    $now = new Catalogue(
        $before->school,
        [],
        $before->ranks,
        $before->ladder,
        array_slice($before->attacks, 1),
        array_values(
            array_filter($before->answers, fn (Answer $answer): bool => $answer->attack !== $before->attacks[0]->id),
        ),
    );

    expect(Coverage::of($before)->after($now, new HoleFinder($now, new Works($now)))->holes)->toEqual(
        Coverage::of($now)->holes,
    );
});
