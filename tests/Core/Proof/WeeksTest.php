<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\AnswerRecords;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\PartnerCounts;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\RepDetails;
use StoneDrill\Core\Proof\Turn;
use StoneDrill\Core\Proof\Weeks;
use StoneDrill\Core\Proof\Window;

/** A try so many days before noon of Thursday, 26 November 2026. */
function tried(
    float $daysAgo,
    string $outcome = 'clean',
    string $student = 'ada',
    string $attack = 'wrist',
    int $rung = 2,
    ?string $attacker = null,
): Rep {
    static $number = 0;
    $at = (new DateTimeImmutable('2026-11-26T12:00:00Z'))->modify('-'.(int) round($daysAgo * 86_400).' seconds');

    return new Rep(
        sprintf('0b7e1f60-0000-4000-8000-%012d', ++$number),
        $student,
        $attack,
        Side::Written,
        $rung,
        Outcome::from($outcome),
        $at,
        new RepDetails(attacker: $attacker),
    );
}

/** @param list<Rep> $reps */
function weeks(array $reps, string $zone = 'UTC'): Weeks
{
    $at = new DateTimeImmutable('2026-11-26T12:00:00Z');

    return Weeks::of(
        AnswerRecords::counted($reps, $at),
        Ladder::builtIn(),
        new ProofRules(),
        $at,
        new DateTimeZone($zone),
    );
}

it('counts tries, people and clean ones by rung, and compares only what both weeks have', function (): void {
    // This week, from Monday 23: 3 at rung 2 against the wrist, 2 clean; one at rung 3; the week before: 2 against the
    // wrist, 1 clean, and 1 against the push.
    $weeks = weeks([
        tried(0), tried(1), tried(1, 'hit', 'bo'), tried(2, 'clean', 'bo', 'push', 3),
        tried(5), tried(6, 'late'), tried(6, 'clean', 'bo', 'push'), tried(4, 'stopped'),
    ])->weeks;
    [$before, $now] = [$weeks[10], $weeks[11]];

    expect($weeks)->toHaveCount(12)
        ->and($now->from->format('Y-m-d H:i'))->toBe('2026-11-23 00:00')
        ->and($weeks[0]->from->format('Y-m-d'))->toBe('2026-09-07')
        ->and([$now->tries, $now->people, $before->tries, $before->people])->toBe([4, 2, 3, 2])
        ->and($now->rungs)->toBe([2 => ['tries' => 3, 'clean' => 2], 3 => ['tries' => 1, 'clean' => 1]])
        ->and($now->alike)->toBe([2 => ['tries' => 3, 'clean' => 2, 'was' => 1, 'of' => 2]])
        ->and($before->alike)->toBe([])
        ->and($weeks[0]->tries)->toBe(0);
});

it('begins a week on Monday where the school is', function (): void {
    // Sunday 22, 20:00 UTC is Monday 23, 5:00 in Tokyo.
    $rep = tried(3 + 16 / 24);
    expect(weeks([$rep])->weeks[10]->tries)->toBe(1)
        ->and(weeks([$rep], 'Asia/Tokyo')->weeks[11]->tries)->toBe(1);
});

it('tells what is newly held and what faded, and what one more class a week would have kept', function (): void {
    // Three clean ones of 5 October hold, by the page for 20 days: they are faded in the week that has 26 October.
    $three = [tried(52), tried(52), tried(52)];
    $weeks = weeks($three);
    $held = array_values(array_filter($weeks->weeks, static fn ($week): bool => $week->held !== []));
    $faded = array_values(array_filter($weeks->weeks, static fn ($week): bool => $week->faded !== []));

    expect($held)->toHaveCount(1)
        ->and($held[0]->from->format('m-d'))->toBe('10-05')
        ->and($held[0]->held)->toEqual([new Turn('ada', 'wrist written', null, 2)])
        ->and($faded)->toHaveCount(1)
        ->and($faded[0]->from->format('m-d'))->toBe('10-26')
        ->and($faded[0]->faded)->toEqual([new Turn('ada', 'wrist written', 2, null)])
        // Three tries a day and one thing to try: a clean one each week more, which keeps it.
        ->and([$weeks->oneMore->faded, $weeks->oneMore->kept, $weeks->oneMore->tries])->toBe([1, 1, 3.0]);
    // Who tries forty things and three a day has a turn of each every 14 weeks: nothing is kept.
    $many = weeks([
        ...$three,
        ...array_map(
            static fn (int $number): Rep => tried(53 + intdiv($number, 3), 'hit', 'ada', "other-{$number}"),
            range(0, 38),
        ),
    ]);
    expect([$many->oneMore->faded, $many->oneMore->kept])->toBe([1, 0])
        ->and([weeks([])->oneMore->faded, weeks([])->oneMore->tries])->toBe([0, 0.0]);
});

it('tells the same of random schools as a plain count of each week', function (int $seed): void {
    mt_srand($seed);
    $reps = [];
    for ($i = 0; $i < 300; $i++) {
        $reps[] = tried(
            mt_rand(0, 120) + mt_rand(0, 9) / 10,
            ['clean', 'clean', 'clean', 'scraped', 'hit', 'late'][mt_rand(0, 5)],
            ['ada', 'bo', 'cy'][mt_rand(0, 2)],
            ['wrist', 'push', 'hug'][mt_rand(0, 2)],
            mt_rand(1, 4),
        );
    }
    $at = new DateTimeImmutable('2026-11-26T12:00:00Z');
    foreach (weeks($reps)->weeks as $number => $week) {
        $end = min($at, $week->from->modify('+7 days'));
        $own = array_filter(
            $reps,
            static fn (Rep $rep): bool => ($rep->at >= $week->from && $rep->at < $end)
                || ($rep->at == $at && $number === 11),
        );
        expect([$week->tries, $week->people])->toBe([count($own), count(array_unique(array_column($own, 'student')))]);
        $held = $faded = [];
        foreach (['ada', 'bo', 'cy'] as $student) {
            foreach (['wrist', 'push', 'hug'] as $attack) {
                [$from, $to] = array_map(
                    static function (DateTimeImmutable $moment) use ($reps, $student, $attack): ?int {
                        $known = array_values(
                            array_filter(
                                $reps,
                                static fn (Rep $rep): bool => $rep->student === $student
                                    && $rep->attack === $attack
                                    && $rep->at <= $moment,
                            ),
                        );
                        $held = array_filter(
                            range(1, 7),
                            static fn (int $rung): bool => Window::of($known, Ladder::builtIn())->state(
                                $rung,
                                $moment,
                            ) === ProofState::Holds,
                        );

                        return $held === [] ? null : max($held);
                    },
                    [$week->from->modify('-1 second'), $number === 11 ? $at : $end->modify('-1 second')],
                );
                if ($from !== $to) {
                    $turn = new Turn($student, "{$attack} written", $from, $to);
                    $to > $from ? ($held[] = $turn) : ($faded[] = $turn);
                }
            }
        }
        expect($week->held)->toEqualCanonicalizing($held)->and($week->faded)->toEqualCanonicalizing($faded);
    }
})->with(range(1, 12));

it('counts who attacked whom, and who was never attacked by somebody larger', function (): void {
    $reps = [
        ...array_map(static fn (): Rep => tried(1, attacker: 'bo'), range(1, 6)),
        ...array_map(static fn (): Rep => tried(1, attacker: 'cy'), range(1, 2)),
        tried(1),
        ...array_map(static fn (): Rep => tried(1, 'hit', 'bo', attacker: 'tall'), range(1, 8)),
        ...array_map(static fn (): Rep => tried(1, 'hit', 'cy', attacker: 'bo'), range(1, 7)),
    ];
    // Bo is 10 cm taller than Ada, which is alike; Cy has too few tries; nobody is larger than Tall.
    $counts = PartnerCounts::of(AnswerRecords::counted($reps, new DateTimeImmutable('2026-11-26T12:00:00Z')), [
        'ada' => 1.6,
        'bo' => 1.7,
        'cy' => 1.62,
        'tall' => 1.85,
    ]);

    expect($counts->counts)->toBe(['ada' => ['bo' => 6, 'cy' => 2], 'bo' => ['tall' => 8], 'cy' => ['bo' => 7]])
        ->and($counts->byLarger)->toBe(['ada' => 0, 'bo' => 8, 'cy' => 0])
        ->and($counts->neverLarger)->toBe(['ada']);
});
