<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\BasicsIndex;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Load;
use StoneDrill\Core\Coverage\RunFingerprint;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\Mistake;
use StoneDrill\Core\Curriculum\ShortForm;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Curriculum\Waiver;
use StoneDrill\Core\Technique\Beats;
use Tests\Core\Coverage\LoadFixture;
use Tests\Support\Made;

it('finds the ladder too steep where a rank brings half as much again as ranks do', function (
    array $counts,
    float $from,
    array $steep,
): void {
    $loads = LoadFixture::ladderOf($counts);

    expect(array_map(fn (Load $load): float => $load->newActions, $loads))->toBe(array_map(floatval(...), $counts))
        ->and(Load::steepFrom($loads))->toEqualWithDelta($from, 1e-12)
        ->and(Load::steep($loads))->toBe($steep);
})->with([
    'even' => [[3, 3, 3], 4.5, []],
    // On average 4; 7 is more than 6.
    'one high step' => [[2, 7, 3], 6.0, ['b']],
    'exactly half as much again is not yet' => [[2, 3, 1], 3.0, []],
    // A rank that brings nothing does not make the others steep: on average 4 of two.
    'one that brings nothing' => [[2, 0, 6], 6.0, []],
]);

it('is nowhere steep with nothing to learn', function (): void {
    $catalogue = Made::catalogue([Made::attack(id: 'w')], []);

    expect(Load::steep(Load::of($catalogue, Coverage::of($catalogue))))->toBe([]);
});

it('introduces an answer at another rank, its short form only where it still comes earlier', function (
    string $rank,
    ?string $short,
    string $to,
    ?string $left,
): void {
    $wrist = Made::attack(id: 'w');
    $catalogue = Made::catalogue(
        [$wrist],
        [
            Made::answer(
                'x',
                $wrist,
                $rank,
                short: $short === null ? null : new ShortForm($short, 1),
                beats: "drop\nleave 6",
            ),
            Made::answer('y', $wrist, 'b'),
        ],
    );
    [$moved, $other] = $catalogue->withAnswerAt('x', $to)->answers;

    expect([$moved->teaching->rank, $moved->teaching->short?->rank])->toBe([$to, $left])
        ->and($other)->toBe($catalogue->answers[1]);
})->with([
    'no short form' => ['a', null, 'c', null],
    'later' => ['b', 'a', 'c', 'a'],
    'to where its short form is' => ['c', 'b', 'b', null],
    'before its short form' => ['c', 'b', 'a', null],
]);

it('knows which answers beats run on into, within branches too', function (): void {
    $beats = Beats::parse(
        "right palm chin -> rocked\n  if not: go to \"Long gate\" beat 2\n  if second attack:\n    left knee groin -> folded\n      if not: go to \"Capstan\" beat 1\nleave 6",
    );

    expect($beats->goesTo())->toBe(['Long gate', 'Capstan'])
        ->and(Beats::parse('leave 6')->goesTo())->toBe([]);
});

it('says its branches as they can be called', function (): void {
    $beats = Beats::parse(
        "right palm chin -> rocked\n  if not: left knee groin -> folded\n  if far: go on\n  if gets up:\n    left foot step 9\n    leave 6\nleave 6",
    );

    expect($beats->whatIfs())
        ->toBe(['if not: left knee groin -> folded', 'if far: go on', 'if gets up: left foot step 9'])
        ->and(Beats::parse('leave 6')->whatIfs())->toBe([])
        // Who is taller is seen before anything is done: no surprise to call.
        ->and(Beats::parse("right palm chin\n  if taller: right palm ribs\n  if near: leave 6")->whatIfs())
        ->toBe(['if near: leave 6']);
});

it('adds up the seconds of its main line, the longest action of each beat', function (): void {
    $beats = Beats::parse("left foot step 9, right palm chin\n  if not: right knee groin\nwait 2 s\nleave 6");
    $longest = max($beats->line[0]->actions[0]->seconds(), $beats->line[0]->actions[1]->seconds());

    expect($beats->seconds())->toEqualWithDelta($longest + 2.0 + $beats->line[2]->actions[0]->seconds(), 1e-12);
});

it('has another imprint exactly where runs can differ', function (string $change, bool $differs): void {
    $wrist = Made::attack(id: 'w');
    $x = Made::answer('x', $wrist, 'a', beats: "right palm chin -> rocked\n  if not: go to \"Y\" beat 1\nleave 6");
    $y = Made::answer('y', $wrist, 'a', beats: "drop\n  if far: go to \"Z\" beat 1\nleave 6");
    $z = Made::answer('z', $wrist, 'a', beats: "rise\nleave 6");
    $other = Made::answer('other', $wrist, 'a', beats: 'leave 3');
    $with = fn (Answer ...$answers): string => (new RunFingerprint(
        Made::catalogue([$wrist], array_values($answers)),
    ))->of($answers[0]);
    $before = $with($x, $y, $z, $other);
    $copy = fn (Answer $of, array $teaching = [], ?Beats $beats = null): Answer => new Answer(
        $of->id,
        $of->title,
        $of->label,
        $of->attack,
        $of->matching,
        new Teaching(...[...get_object_vars($of->teaching), ...$teaching]),
        $beats ?? $of->beats,
    );
    $after = match ($change) {
        'nothing' => $with($copy($x, []), $copy($y, []), $copy($z, []), $other),
        'its mistakes' => $with($copy($x, ['mistakes' => ['looks down']]), $y, $z, $other),
        'an answer apart' => $with($x, $y, $z, $copy($other, [], Beats::parse('leave 9'))),
        'its beats' => $with($x->withBeats(Beats::parse('leave 6')), $y, $z, $other),
        'its rank' => $with($copy($x, ['rank' => 'b']), $y, $z, $other),
        'what is accepted of it' => $with(
            $copy($x, ['waived' => [new Waiver(CheckId::Base, null, 'taught so')]]),
            $y,
            $z,
            $other,
        ),
        'what it runs on into' => $with($x, $y->withBeats(Beats::parse('drop')), $z, $other),
        'what that runs on into' => $with($x, $y, $z->withBeats(Beats::parse('rise')), $other),
        'what it runs on into is gone' => $with($x, $z, $other),
    };

    expect($after !== $before)->toBe($differs);
})->with([
    ['nothing', false], ['its mistakes', false], ['an answer apart', false], ['its beats', true], ['its rank', true],
    ['what is accepted of it', true], ['what it runs on into', true], ['what that runs on into', true],
    ['what it runs on into is gone', true],
]);

it('ends where answers run on into each other', function (): void {
    $wrist = Made::attack(id: 'w');
    $x = Made::answer('x', $wrist, 'a', beats: "drop\n  if far: go to \"Y\" beat 1\nleave 6");
    $y = Made::answer('y', $wrist, 'a', beats: "rise\n  if far: go to \"X\" beat 1\nleave 6");
    $imprint = new RunFingerprint(Made::catalogue([$wrist], [$x, $y]));

    expect($imprint->of($x))->not->toBe($imprint->of($y));
});

it('shows the beats of a basic without their branches, and what goes wrong in them', function (): void {
    $wrist = Made::attack(id: 'w');
    $x = new Answer(
        'x',
        'X',
        '',
        'w',
        Matching::of($wrist),
        new Teaching('a', mistakes: [new Mistake('looks down'), new Mistake('waits')]),
        Beats::parse("left hand parry -> rocked\n  if not: right palm chin\nright palm chin\nleave 6"),
    );
    $y = new Answer(
        'y',
        'Y',
        '',
        'w',
        Matching::of($wrist),
        new Teaching('b', mistakes: [new Mistake('waits')]),
        Beats::parse("right palm chin\nleave 6"),
    );
    $palm = BasicsIndex::of(Made::catalogue([$wrist], [$x, $y]))->find('palm');

    expect($palm?->lines($x, [1, 2]))->toBe("1  left hand parry -> rocked\n2  right palm chin\n")
        ->and($palm?->mistakes())->toBe(['looks down' => ['X'], 'waits' => ['X', 'Y']])
        ->and($palm?->answers())->toBe(['x', 'y']);
});
