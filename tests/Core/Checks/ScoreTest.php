<?php

declare(strict_types=1);

use StoneDrill\Core\Checks\Score;
use StoneDrill\Core\Checks\ScoreBar;
use Tests\Core\Floor\OnTheFloor;

/** @param list<ScoreBar> $bars */
function told(array $bars): array
{
    return array_map(
        static fn (ScoreBar $bar): array => [$bar->number, round($bar->from, 3), round($bar->to, 3)],
        $bars,
    );
}

it('puts every action on the line of its limb, from its start to its end', function (): void {
    // Times by domain.md §5: step .35, parry .20, palm .25, leave 1.0, look .30, guard .20, front kick .50 after a step
    // of the other foot.
    $score = Score::of(
        OnTheFloor::examine(
            'punch-straight',
            [],
            "left foot step 9, left hand parry forearm\nright palm chin\nleft foot step 12, right front kick groin\nboth hands guard, look\nleave 6",
        )->trial,
    );

    expect(told($score->lanes['left hand']))->toBe([['1', 0.0, 0.2], ['4', 1.45, 1.65]])
        ->and(told($score->lanes['right hand']))->toBe([['2', 0.35, 0.6], ['4', 1.45, 1.65]])
        ->and(told($score->lanes['left foot']))->toBe([['1', 0.0, 0.35], ['3', 0.6, 0.95], ['5', 1.75, 2.75]])
        ->and(told($score->lanes['right foot']))->toBe([['3', 0.95, 1.45], ['5', 1.75, 2.75]])
        ->and(told($score->lanes['head']))->toBe([['4', 1.45, 1.75]])
        ->and($score->seconds)->toEqualWithDelta(2.75, 1e-9);
});

it('lets an effect last for its time, or until another posture takes its place', function (): void {
    $score = Score::of(
        OnTheFloor::examine('wrist-cross', [], "left palm groin -> folded\nleft knee groin -> dropped\nleave 6")->trial,
    );

    // .25 s, then folded until the knee of .35 s is done; dropped for 3 s.
    expect(array_map(fn (array $span): array => [$span[0]->value, ...told([$span[1]])[0]], $score->effects))->toBe([
        ['folded', '1', 0.25, 0.6],
        ['dropped', '2', 0.6, 3.6],
    ]);
});

it('tells what there is time for before the attack arrives', function (): void {
    $blow = Score::of(
        OnTheFloor::examine('punch-straight', [], "left foot step 9, left hand parry forearm\nleave 6")->trial,
    )->start;

    expect($blow)->not->toBeNull()
        ->and($blow->spare())->toEqualWithDelta($blow->arrival - $blow->reaction - $blow->first, 1e-12)
        ->and(Score::of(OnTheFloor::examine('wrist-cross', [], 'leave 6')->trial)->start)->toBeNull();
});

it('shows while a free weapon reaches the head', function (): void {
    $score = Score::of(OnTheFloor::examine('wrist-cross', [], "look -> released\nleave 6")->trial);

    // Its hand reaches from the start until leaving is done.
    expect(told($score->reached))->toBe([['0', 0.0, 1.3]]);
});
