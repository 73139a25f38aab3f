<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\AnswerRecords;
use StoneDrill\Core\Proof\BetaDistribution;
use StoneDrill\Core\Proof\Evidence;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\RepDetails;
use StoneDrill\Core\Proof\RungMove;
use StoneDrill\Core\Proof\StudentMove;
use StoneDrill\Core\Proof\Window;

/**
 * Random tries of two people against two attacks, in the last forty days before noon of 26 November 2026. @return
 * list<Rep>
 */
function randomTries(int $seed, int $count): array
{
    mt_srand($seed);
    $noon = new DateTimeImmutable('2026-11-26T12:00:00Z');

    return array_map(
        static fn (int $number): Rep => new Rep(
            sprintf('0b7e1f60-0000-4000-8000-%012d', $number),
            ['ada', 'bo'][mt_rand(0, 1)],
            ['wrist', 'push'][mt_rand(0, 1)],
            mt_rand(0, 2) === 0 ? Side::Mirrored : Side::Written,
            mt_rand(1, 4),
            Outcome::from(['clean', 'clean', 'clean', 'scraped', 'hit', 'froze'][mt_rand(0, 5)]),
            $noon->modify('-'.mt_rand(0, 40 * 86_400).' seconds'),
            new RepDetails(mistakes: mt_rand(0, 2) === 0 ? [['short', 'late', 'high'][mt_rand(0, 2)]] : []),
        ),
        range(1, $count),
    );
}

it('holds and fails as the quantiles say, wherever the weights lie', function (): void {
    mt_srand(11);
    $held = $failed = 0;
    for ($i = 0; $i < 4_000; $i++) {
        [$success, $failure] = [mt_rand(0, 12_000) / 1000, mt_rand(0, mt_rand(0, 1) === 0 ? 1_500 : 12_000) / 1000];
        $evidence = new Evidence($success, $failure);
        // By the page: a half each of prior, the 10 % quantile at .60 or above, the 90 % quantile below .50.
        $known = new BetaDistribution(0.5 + $success, 0.5 + $failure);
        [$low, $high] = [$known->quantile(0.1), $known->quantile(0.9)];
        if (abs($low - 0.6) > 1e-9 && abs($high - 0.5) > 1e-9) {
            expect($evidence->holds())->toBe($low >= 0.6, "{$success} {$failure}")
                ->and($evidence->fails())->toBe($high < 0.5, "{$success} {$failure}");
        }
        $held += $low >= 0.6 ? 1 : 0;
        $failed += $high < 0.5 ? 1 : 0;
    }

    expect($held)->toBeGreaterThan(300)->and($failed)->toBeGreaterThan(300);
});

it('knows where two clean tries end and three begin', function (): void {
    expect((new Evidence(2.0, 0.0))->holds())->toBeFalse()
        ->and((new Evidence(3.0, 0.0))->holds())->toBeTrue()
        // By Simpson's rule .1000015 and .0999951 of what is known lie below .6.
        ->and((new Evidence(2.3761, 0.0))->holds())->toBeFalse()
        ->and((new Evidence(2.3762, 0.0))->holds())->toBeTrue()
        ->and((new Evidence(0.0, 0.0))->holds())->toBeFalse()
        ->and((new Evidence(0.0, 0.0))->fails())->toBeFalse()
        // Even chances are neither, however many there were.
        ->and((new Evidence(400.0, 400.0))->holds())->toBeFalse()
        ->and((new Evidence(400.0, 400.0))->fails())->toBeFalse();
});

it('moves everybody as a plain look at each rung does, with the mistake that was seen most there', function (
    int $seed,
): void {
    $reps = randomTries($seed, 160);
    $at = new DateTimeImmutable('2026-11-26T12:00:00Z');
    $expected = [];
    foreach (['ada', 'bo'] as $student) {
        foreach (['push mirrored', 'push written', 'wrist mirrored', 'wrist written'] as $cell) {
            $own = array_values(
                array_filter(
                    $reps,
                    static fn (Rep $rep): bool => $rep->student === $student
                        && "{$rep->attack} {$rep->side->value}" === $cell,
                ),
            );
            usort($own, static fn (Rep $a, Rep $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);
            $window = Window::of($own, Ladder::builtIn());
            $tried = array_column($window->tries, 1);
            $states = array_map(
                static fn (int $rung): ProofState => $window->state($rung, $at),
                array_combine(range(1, 7), range(1, 7)),
            );
            $held = array_keys($states, ProofState::Holds, true);
            if ($held === []) {
                continue;
            }
            $top = max($held);
            $fails = array_values(
                array_filter(
                    range($top + 1, 7),
                    static fn (int $rung): bool => $top < 7
                        && $states[$rung] === ProofState::Failing
                        && in_array($rung, $tried, true),
                ),
            );
            if ($fails !== []) {
                $there = array_slice(
                    array_values(array_filter($own, static fn (Rep $rep): bool => $rep->rung === $fails[0])),
                    -12,
                );
                $count = array_count_values(
                    array_merge(...array_map(static fn (Rep $rep): array => $rep->details->mistakes, $there)),
                );
                $most = array_keys($count, $count === [] ? 0 : max($count), true);
                sort($most);
                $expected[] = [$student, $cell, $fails[0], $top, $most[0] ?? null];
            } elseif ($top < 7 && ! in_array($top + 1, $tried, true)) {
                $expected[] = [$student, $cell, $top, $top + 1, null];
            }
        }
    }
    $found = StudentMove::all(AnswerRecords::counted($reps, $at), Ladder::builtIn(), new ProofRules(), $at);

    expect(
        array_map(
            static fn (StudentMove $one): array => [
                $one->student,
                $one->cell,
                $one->move->from,
                $one->move->to,
                $one->mistake,
            ],
            $found,
        ),
    )
        ->toBe($expected)
        ->and(
            array_filter(
                $found,
                static fn (StudentMove $one): bool => $one->move->isUp() !== $one->move->to > $one->move->from,
            ),
        )
        ->toBe([]);
})->with(range(1, 25));

it('tells of tries alone what it tells of reps', function (int $seed): void {
    $reps = array_values(
        array_filter(
            randomTries($seed, 60),
            static fn (Rep $rep): bool => $rep->student === 'ada' && $rep->attack === 'wrist',
        ),
    );
    $sorted = $reps;
    usort($sorted, static fn (Rep $a, Rep $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);
    [$ofReps, $ofTries] = [
        Window::of($reps, Ladder::builtIn()),
        Window::ofTries(array_map(Window::try(...), $sorted), Ladder::builtIn()),
    ];
    // Whether it was ever held, asked after every try.
    $ever = null;
    foreach (array_keys($sorted) as $last) {
        $known = array_slice(array_slice($sorted, 0, $last + 1), -12);
        foreach (range(1, 7) as $rung) {
            $ever = Evidence::of(
                array_map(Window::try(...), $known),
                $rung,
                $sorted[$last]->at->getTimestamp(),
                new ProofRules(),
            )->lower() >= 0.6
                ? max($ever ?? 0, $rung)
                : $ever;
        }
    }

    expect($ofTries)->toEqual($ofReps)
        ->and($ofTries->ever)->toBe($ever)
        ->and($ofTries->count)->toBe(count($reps))
        ->and(RungMove::of($ofTries, Ladder::builtIn(), new DateTimeImmutable('2026-11-26T12:00:00Z')))
        ->toEqual(RungMove::of($ofReps, Ladder::builtIn(), new DateTimeImmutable('2026-11-26T12:00:00Z')));
})->with(range(1, 20));

it('reads a window alike whatever was asked of it before', function (int $seed): void {
    $tries = array_map(
        Window::try(...),
        array_values(
            array_filter(
                randomTries($seed, 60),
                static fn (Rep $rep): bool => $rep->student === 'bo' && $rep->attack === 'push',
            ),
        ),
    );
    usort($tries, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
    $window = Window::ofTries($tries, Ladder::builtIn());
    $held = 0;
    foreach (range(1, 80) as $time) {
        $rung = mt_rand(1, 7);
        $at = (new DateTimeImmutable('2026-11-26T12:00:00Z'))->modify('+'. 40 * mt_rand(0, 3).' days');
        $lower = Evidence::of($window->tries, $rung, $at->getTimestamp(), new ProofRules())->lower();
        $held += (int) ($lower >= 0.6);

        // Asked first whether it is held one time, and for its bound the other.
        if ($time % 2 === 0) {
            expect($window->holds($rung, $at))->toBe($lower >= 0.6);
        }
        expect($window->evidence($rung, $at)->lower())->toBe($lower)
            ->and($window->holds($rung, $at))->toBe($lower >= 0.6);
    }
    expect($held)->toBeLessThan(80);
})->with(range(1, 10));
