<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\RungMove;
use StoneDrill\Core\Proof\Window;

it('goes up where the next rung is untried, and down where it fails above what is held', function (
    array $tries,
    ?array $move,
): void {
    $reps = [];
    foreach ($tries as $rung => $outcomes) {
        foreach (explode(' ', $outcomes) as $outcome) {
            $reps[] = new Rep(
                sprintf('0b7e1f60-0000-4000-8000-%012d', count($reps)),
                's',
                'wrist',
                Side::Written,
                $rung,
                Outcome::from($outcome),
                new DateTimeImmutable('2026-11-20T19:00:00Z'),
            );
        }
    }
    $found = RungMove::of(
        Window::of($reps, Ladder::builtIn()),
        Ladder::builtIn(),
        new DateTimeImmutable('2026-11-21T19:00:00Z'),
    );

    expect($found === null ? null : [$found->from, $found->to, $found->isUp()])->toBe($move);
})->with([
    'nothing tried' => [[], null],
    // Three fresh clean tries hold, two do not.
    'two clean' => [[2 => 'clean clean'], null],
    'three clean' => [[2 => 'clean clean clean'], [2, 3, true]],
    'the next one was tried' => [[2 => 'clean clean clean', 3 => 'clean'], null],
    'the highest' => [[7 => 'clean clean clean'], null],
    // Seven clean below and three hit above: 4 fails, and its failures do not count at 3.
    'fails above what is held' => [
        [3 => 'clean clean clean clean clean clean clean', 4 => 'hit hit hit'],
        [4, 3, false],
    ],
    // What failed at 3 fails at 4 too, and nobody tried that: 3 builds, with one clean of four.
    'failed lower down' => [[2 => 'clean clean clean clean clean clean clean', 3 => 'hit hit clean'], null],
    'fails, and nothing is held' => [[4 => 'hit hit hit'], null],
]);
