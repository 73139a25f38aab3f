<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Need;
use StoneDrill\Core\Curriculum\Adoption;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Curriculum\ShortForm;
use StoneDrill\Core\Curriculum\Teaching;
use Tests\Support\Made;

/** A school with so many ranks, r1 lowest, and nothing else. */
function schoolOf(
    int $ranks,
    Doctrine $doctrine = Doctrine::Escape,
    array $attacks = [],
    array $answers = [],
    ?Ladder $ladder = null,
): Catalogue {
    $made = array_map(
        static fn (int $number): Rank => new Rank("r{$number}", "Rank {$number}", 5, 2),
        $ranks === 0 ? [] : range(1, $ranks),
    );

    return new Catalogue(
        new School('Own Hall', $doctrine),
        [],
        $made,
        $ladder ?? Ladder::builtIn(),
        $attacks,
        $answers,
    );
}

it('proposes the lowest for the lowest, the highest for the highest, and the rest evenly', function (
    int $own,
    array $expected,
): void {
    $other = new Catalogue(
        new School('Other', Doctrine::Counter),
        [],
        array_map(static fn (string $id): Rank => new Rank($id, $id, 5, 2), ['a', 'b', 'c', 'd', 'e', 'f']),
        Ladder::builtIn(),
    );

    expect(Adoption::proposal(schoolOf($own), $other))->toBe(array_combine(['a', 'b', 'c', 'd', 'e', 'f'], $expected));
})->with([
    'one' => [1, ['r1', 'r1', 'r1', 'r1', 'r1', 'r1']],
    // 0, .4, .8, 1.2, 1.6, 2
    'three' => [3, ['r1', 'r1', 'r2', 'r2', 'r3', 'r3']],
    'six' => [6, ['r1', 'r2', 'r3', 'r4', 'r5', 'r6']],
    // 0, 1.8, 3.6, 5.4, 7.2, 9
    'ten' => [10, ['r1', 'r3', 'r5', 'r6', 'r8', 'r10']],
    'none' => [0, ['a', 'b', 'c', 'd', 'e', 'f']],
]);

it('takes attacks and answers over at the school’s own ranks, and keeps what they are for', function (): void {
    $attack = Made::attack(id: 'wrist')->neededBy(new Need('a', 'c', true));
    $answer = new Answer(
        'gate',
        'Gate',
        '3',
        'wrist',
        Made::answer('gate', $attack)->matching,
        new Teaching('c', new ShortForm('a', 1), rankYouth: 'none', variantOf: 'gone'),
        Made::answer('gate', $attack)->beats,
    );
    $taken = (new Adoption(schoolOf(2, Doctrine::Control), Made::catalogue([$attack], [$answer]), [
        'a' => 'r1',
        'b' => 'r2',
        'c' => 'r2',
    ]))->taken();

    expect($taken->attack('wrist')->need)->toEqual(new Need('r1', 'r2', true))
        ->and($taken->answer('gate')->teaching)
        ->toEqual(new Teaching('r2', new ShortForm('r1', 1), Doctrine::Escape, rankYouth: 'none'))
        ->and($taken->answer('gate')->label)->toBe('3')
        ->and([$taken->school->name, count($taken->ranks), $taken->school->doctrine])
        ->toBe(['Own Hall', 2, Doctrine::Control]);
});

it(
    'says nothing of what an answer is for where the school means the same, and drops a short form that comes no earlier',
    function (): void {
        $attack = Made::attack(id: 'wrist', neededBy: 'a');
        $answer = Made::answer('gate', $attack, 'c', short: new ShortForm('a', 1));
        $taken = (new Adoption(schoolOf(1), Made::catalogue([$attack], [$answer])))->taken();

        expect($taken->answer('gate')->teaching)->toEqual(new Teaching('r1'));
    },
);

it('leaves everything alone that the school has', function (): void {
    $own = Made::attack('swing', ['phase' => 'reaching', 'intent' => 'strike'], 'wrist', 'r1');
    $ownAnswer = Made::answer('gate', $own, 'r1');
    $other = Made::catalogue(
        [Made::attack(id: 'wrist', neededBy: 'a'), Made::attack('sleeve', id: 'sleeve', neededBy: 'b')],
        [
            // Its id is taken; its attack is another one there; its title is taken; and one that is new.
            Made::answer('gate', Made::attack('sleeve', id: 'sleeve')),
            Made::answer('second', Made::attack(id: 'wrist')),
            new Answer(
                'third',
                'Gate',
                '',
                'sleeve',
                Made::answer('x', Made::attack('sleeve', id: 'sleeve'))->matching,
                new Teaching('a'),
                $ownAnswer->beats,
            ),
            Made::answer('fourth', Made::attack('sleeve', id: 'sleeve')),
        ],
    );
    $adoption = new Adoption(schoolOf(2, attacks: [$own], answers: [$ownAnswer]), $other);
    $taken = $adoption->taken();

    expect(array_map(static fn (Attack $attack): string => $attack->id, $taken->attacks))->toBe(['wrist', 'sleeve'])
        ->and($taken->attack('wrist'))->toBe($own)
        ->and(array_map(static fn (Answer $answer): string => $answer->id, $taken->answers))->toBe(['gate', 'fourth'])
        ->and($taken->answer('gate'))->toBe($ownAnswer)
        // Once more, and there is nothing to take.
        ->and((new Adoption($taken, $other))->attacks())->toBe([])
        ->and((new Adoption($taken, $other))->answers())->toBe([]);
});

it('brings its ranks to a school that has none, with goals that its ladder has', function (): void {
    $ladder = new Ladder([
        new Rung(1, 'Slow', 0.5, true, true, 0, false, []),
        new Rung(3, 'Fast', 1.0, true, true, 1, false, []),
    ]);
    $taken = (new Adoption(
        schoolOf(0, ladder: $ladder),
        Made::catalogue([Made::attack(id: 'wrist', neededBy: 'b')], []),
    ))->taken();

    // Their goals were 2, 3 and 4.
    expect(array_map(static fn (Rank $rank): array => [$rank->id, $rank->goalRung], $taken->ranks))
        ->toBe([['a', 1], ['b', 3], ['c', 3]])
        ->and($taken->attack('wrist')->need->rank)->toBe('b');
});

it('refuses a rank that the school does not have', function (): void {
    new Adoption(schoolOf(2), Made::catalogue([], []), ['a' => 'r9']);
})->throws(InvalidArgumentException::class);
