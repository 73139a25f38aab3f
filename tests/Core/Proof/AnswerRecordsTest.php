<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Proof\AnswerRecord;
use StoneDrill\Core\Proof\AnswerRecords;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\RepDetails;
use StoneDrill\Core\Proof\Share;
use StoneDrill\Core\Proof\SharedPrior;
use StoneDrill\Core\Proof\SizeRecord;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Proof\Tally;

const EVIDENCE_AT = '2026-11-24T12:00:00+00:00';

/** A try, so many days before. */
function usedRep(
    string $student,
    ?string $answer,
    string $outcome,
    int $days = 0,
    int $rung = 2,
    array $with = [],
    string $attack = 'wrist',
    Side $side = Side::Written,
): Rep {
    static $number = 0;
    $id = sprintf('0b7e1f60-0000-4000-8000-%012d', ++$number);

    return new Rep(
        $id,
        $student,
        $attack,
        $side,
        $rung,
        Outcome::from($outcome),
        (new DateTimeImmutable(EVIDENCE_AT))->modify("-{$days} days"),
        new RepDetails(...['answer' => $answer, ...$with]),
    );
}

/** @param list<Rep> $reps */
function recordsOf(array $reps, array $heights = []): AnswerRecords
{
    return new AnswerRecords(
        AnswerRecords::counted($reps, $at = new DateTimeImmutable(EVIDENCE_AT)),
        ['gate' => 'wrist', 'door' => 'wrist'],
        $heights,
        $at,
    );
}

/** A group of so many clean tries and so many failed ones, of today. */
function tallyOf(int $clean, int $failed): Tally
{
    return Tally::of(
        [
            ...array_fill(0, $clean, usedRep('s', 'gate', 'clean')),
            ...array_fill(0, $failed, usedRep('s', 'gate', 'hit')),
        ],
        (new DateTimeImmutable(EVIDENCE_AT))->getTimestamp(),
        new ProofRules(),
    );
}

/** The quantile of a beta distribution by summing its density in a million steps. */
function plainQuantile(float $alpha, float $beta, float $p): float
{
    $steps = 200_000;
    $density = static fn (int $k): float => (($k + 0.5) / $steps) ** ($alpha - 1)
        * (1 - ($k + 0.5) / $steps) ** ($beta - 1);
    $all = 0.0;
    for ($k = 0; $k < $steps; $k++) {
        $all += $density($k);
    }
    $sum = 0.0;
    for ($k = 0; $k < $steps && $sum < $p * $all; $k++) {
        $sum += $density($k);
    }

    return $k / $steps;
}

it('counts full, half and no credit, and weighs them by their age', function (): void {
    $reps = [usedRep('a', 'gate', 'clean'), usedRep('a', 'gate', 'scraped', 60), usedRep('b', 'gate', 'late', 120)];
    $tally = Tally::of($reps, (new DateTimeImmutable(EVIDENCE_AT))->getTimestamp(), new ProofRules());

    // Half as much after 60 days: success 1 + ½ · ½, failure ½ · ½ + ¼.
    expect([$tally->full, $tally->half, $tally->none, $tally->count()])->toBe([1, 1, 1, 3])
        ->and([$tally->success, $tally->failure])->toBe([1.25, 0.5])
        ->and($tally->isEnough())->toBeFalse();
});

it('fits what is known of all answers by moments', function (): void {
    $prior = SharedPrior::of([tallyOf(8, 2), tallyOf(5, 5), tallyOf(2, 8)]);

    // By hand: spread 10 (.3² + .3²) = 1.8, over ¼ is 7.2; alike (7.2 − 2) / (30 − 10 − 2) = .288889; weight 1 /
    // .288889 − 1 = 2.461538.
    expect($prior->alpha)->toEqualWithDelta(1.230769, 1e-6)->and($prior->beta)->toEqualWithDelta(1.230769, 1e-6);
    // Answers that differ no more than by chance count as alike, up to forty tries.
    $same = SharedPrior::of([tallyOf(6, 4), tallyOf(6, 4), tallyOf(6, 4)]);
    expect([$same->alpha, $same->beta])->toEqualWithDelta([24.0, 16.0], 1e-9);
    // Of two, or where all are clean, nothing can be fitted.
    foreach ([[tallyOf(9, 1), tallyOf(1, 9)], [tallyOf(5, 0), tallyOf(6, 0), tallyOf(7, 0)], []] as $groups) {
        expect([SharedPrior::of($groups)->alpha, SharedPrior::of($groups)->beta])->toBe([0.5, 0.5]);
    }
});

it('tells the share and the interval that holds the true one with eight in ten', function (): void {
    $share = SharedPrior::of([tallyOf(8, 2), tallyOf(5, 5), tallyOf(2, 8)])->after(tallyOf(8, 2));

    expect($share->mean)->toEqualWithDelta(9.230769 / 12.461538, 1e-6)
        ->and($share->low())->toEqualWithDelta(plainQuantile(9.230769, 3.230769, 0.1), 2e-5)
        ->and($share->high())->toEqualWithDelta(plainQuantile(9.230769, 3.230769, 0.9), 2e-5);
});

it(
    'reads of each person the latest twelve that count, and nothing that was corrected, is later, or was at home',
    function (): void {
        $wrong = usedRep('a', 'gate', 'hit', 1);
        $reps = [
            ...array_map(
                fn (int $days): Rep => usedRep('a', 'gate', $days > 12 ? 'froze' : 'clean', $days),
                range(2, 20),
            ),
            $wrong,
            usedRep('a', 'gate', 'scraped', 1, with: ['replaces' => $wrong->id, 'reason' => 'x']),
            usedRep('a', 'gate', 'stopped'),
            usedRep('a', 'gate', 'hit', -3),
            usedRep('a', 'gate', 'hit', 0, with: ['source' => Source::Home]),
            usedRep('b', 'gate', 'late', 400),
        ];
        [$record] = recordsOf($reps)->records;

        // Of a: the correction, then eleven clean ones of 2 … 12 days; of b the one.
        expect([$record->tally->full, $record->tally->half, $record->tally->none])->toBe([11, 1, 1]);
    },
);

it('tells sides and rungs apart, with mistakes, what was improvised, and the median of the seconds', function (): void {
    $reps = [
        usedRep('a', 'gate', 'clean', with: ['seconds' => 1.2, 'mistakes' => ['short', 'short', 'looks down']]),
        usedRep('b', 'gate', 'hit', with: ['seconds' => 2.0, 'mistakes' => ['short']]),
        usedRep('c', 'gate', 'clean', with: ['seconds' => 1.6]),
        usedRep('c', 'gate', 'clean'),
        usedRep('a', 'gate', 'clean', rung: 4),
        usedRep('a', 'gate', 'clean', side: Side::Mirrored),
        usedRep('a', 'door', 'late'),
        usedRep('a', null, 'clean'),
        usedRep('b', null, 'hit', rung: 3),
        usedRep('b', null, 'hit', attack: 'throat'),
    ];
    $records = recordsOf($reps)->records;

    expect(
        array_map(
            static fn (AnswerRecord $record): array => [
                $record->answer,
                $record->side->value,
                $record->rung,
                $record->tally->count(),
            ],
            $records,
        ),
    )
        ->toBe([
            ['door', 'written', 2, 1],
            ['gate', 'mirrored', 2, 1],
            ['gate', 'written', 2, 4],
            ['gate', 'written', 4, 1],
        ])
        ->and($records[2]->mistakes())->toBe(['short' => 0.5, 'looks down' => 0.25])
        ->and([$records[2]->improvised, $records[2]->improvisedShare(), $records[2]->seconds])->toBe([1, 0.2, 1.6])
        ->and([$records[3]->improvised, $records[3]->seconds])->toBe([0, null]);
});

it('says nothing of fewer than eight tries', function (): void {
    $reps = array_map(fn (int $n): Rep => usedRep("s{$n}", 'gate', 'clean'), range(1, 7));
    expect(recordsOf($reps)->records[0]->tally->isEnough())->toBeFalse();

    expect(recordsOf([...$reps, usedRep('x', 'gate', 'clean')])->records[0]->tally->isEnough())->toBeTrue();
});

it('tells a difference of size only where it is sure', function (): void {
    $heights = ['a' => 1.6, 'tall' => 1.71, 'same' => 1.7, 'small' => 1.49];
    $many = fn (string $attacker, string $outcome, int $count): array => array_map(
        fn (int $days): Rep => usedRep('a', 'gate', $outcome, $days, with: ['attacker' => $attacker]),
        range(1, $count),
    );
    $records = recordsOf(
        [
            ...$many('same', 'clean', 12),
            ...$many('tall', 'hit', 10),
            ...$many('small', 'clean', 4),
            ...$many('small', 'hit', 4),
            usedRep('a', 'gate', 'hit', with: ['attacker' => 'unknown']),
            usedRep('a', 'gate', 'hit'),
        ],
        $heights,
    );
    $sizes = array_column(
        array_map(
            static fn (SizeRecord $size): array => [$size->size, $size->tally->count(), round($size->above, 4)],
            $records->sizes,
        ),
        null,
        0,
    );

    // 1.70 is alike to 1.60, 1.71 is larger; the small ones are as few as can be told.
    expect([$sizes['alike'][1], $sizes['larger'][1], $sizes['smaller'][1]])->toBe([12, 10, 8])
        ->and($sizes['larger'][2])->toBeLessThan(-0.5)
        ->and($sizes['alike'][2])->toBe(0.0);
    // By hand: 5 of 10 and 6 of 10 under one prior differ by less than 1.28 standard deviations.
    $half = new Share(5.5, 5.5);
    $more = new Share(6.5, 4.5);
    expect($more->above($half))->toBe(0.0);
    // .9 and .3, each of 20: √(.09 / 21 + .21 / 21) · 1.28 = .153 is less than .6.
    expect((new Share(18, 2))->above(new Share(6, 14)))->toEqualWithDelta(0.6, 1e-12);
});

it('splits each side and rung by size for itself', function (): void {
    // Larger attackers come at rung 4 alone, where little is clean: nothing is told of them beside those of rung 2.
    $heights = ['a' => 1.6, 'tall' => 1.9, 'same' => 1.6];
    $tries = fn (string $attacker, string $outcome, int $rung, Side $side, int $count): array => array_map(
        fn (int $days): Rep => usedRep('a', 'gate', $outcome, $days, $rung, ['attacker' => $attacker], side: $side),
        range(1, $count),
    );
    $records = recordsOf(
        [
            ...$tries('same', 'clean', 2, Side::Written, 10),
            ...$tries('tall', 'hit', 4, Side::Written, 9),
            ...$tries('same', 'clean', 2, Side::Mirrored, 8),
            ...$tries('tall', 'clean', 2, Side::Mirrored, 3),
            ...$tries('tall', 'hit', 2, Side::Mirrored, 7),
        ],
        $heights,
    );

    expect(
        array_map(
            static fn (SizeRecord $size): array => [
                $size->side->value,
                $size->rung,
                $size->size,
                $size->tally->full,
                $size->tally->none,
                $size->above === 0.0,
            ],
            $records->sizes,
        ),
    )
        ->toEqualCanonicalizing([
            ['written', 2, 'alike', 10, 0, true],
            ['written', 4, 'larger', 0, 9, true],
            ['mirrored', 2, 'alike', 8, 0, true],
            ['mirrored', 2, 'larger', 3, 7, false],
        ]);
});

it('finds what is true of simulated schools in its intervals eight times in ten', function (): void {
    mt_srand(7);
    $inside = $all = 0;
    for ($school = 0; $school < 100; $school++) {
        $reps = $truth = [];
        for ($answer = 0; $answer < 12; $answer++) {
            // Beta(4, 2): the fourth of five equal chances in order.
            $draws = array_map(static fn (): float => mt_rand() / mt_getrandmax(), range(1, 5));
            sort($draws);
            $truth["a{$answer}"] = $draws[3];
            for ($try = 0, $tries = mt_rand(8, 40); $try < $tries; $try++) {
                $reps[] = usedRep(
                    's'.intdiv($try, 10),
                    "a{$answer}",
                    mt_rand() / mt_getrandmax() < $draws[3] ? 'clean' : 'hit',
                    0,
                );
            }
        }
        foreach (recordsOf($reps)->records as $record) {
            $all++;
            $inside
                += $record->share->low() <= $truth[$record->answer] && $truth[$record->answer] <= $record->share->high()
                    ? 1
                    : 0;
        }
    }

    // 1,200 intervals: 80 % by three standard deviations of 1.2 %.
    expect($all)->toBe(1200)
        ->and($inside / $all)->toBeGreaterThan(0.765)
        ->toBeLessThan(0.835);
});

it('sums what a plain loop sums', function (): void {
    mt_srand(11);
    $outcomes = ['clean', 'scraped', 'recovered', 'late', 'hit', 'froze', 'stopped'];
    $reps = array_map(
        fn (): Rep => usedRep(
            's'.mt_rand(1, 4),
            ['gate', 'door', null][mt_rand(0, 2)],
            $outcomes[mt_rand(0, 6)],
            mt_rand(-5, 200),
            mt_rand(1, 2),
            side: Side::cases()[mt_rand(0, 1)],
        ),
        range(1, 600),
    );
    $records = recordsOf($reps)->records;
    $now = (new DateTimeImmutable(EVIDENCE_AT))->getTimestamp();
    foreach (['gate', 'door'] as $answer) {
        foreach (Side::cases() as $side) {
            foreach ([1, 2] as $rung) {
                $plain = ['full' => 0, 'half' => 0, 'none' => 0, 'success' => 0.0, 'failure' => 0.0];
                foreach (['s1', 's2', 's3', 's4'] as $student) {
                    $own = array_filter(
                        $reps,
                        fn (Rep $rep): bool => [$rep->student, $rep->details->answer, $rep->side, $rep->rung] === [
                            $student,
                            $answer,
                            $side,
                            $rung,
                        ]
                            && $rep->at->getTimestamp() <= $now
                            && $rep->outcome !== Outcome::Stopped,
                    );
                    usort($own, fn (Rep $a, Rep $b): int => [$b->at, $b->id] <=> [$a->at, $a->id]);
                    foreach (array_slice($own, 0, 12) as $rep) {
                        $credit = ['clean' => 1.0, 'scraped' => 0.5, 'recovered' => 0.5][$rep->outcome->value] ?? 0.0;
                        $plain[['0' => 'none', '0.5' => 'half', '1' => 'full'][(string) $credit]]++;
                        $weight = 0.5 ** (floor(($now - $rep->at->getTimestamp()) / 86400) / 60);
                        $plain['success'] += $weight * $credit;
                        $plain['failure'] += $weight * (1 - $credit);
                    }
                }
                [$record] = array_values(
                    array_filter(
                        $records,
                        fn (AnswerRecord $one): bool => [$one->answer, $one->side, $one->rung] === [
                            $answer,
                            $side,
                            $rung,
                        ],
                    ),
                );
                expect([$record->tally->full, $record->tally->half, $record->tally->none])
                    ->toBe([$plain['full'], $plain['half'], $plain['none']])
                    ->and([$record->tally->success, $record->tally->failure])
                    ->toEqualWithDelta([$plain['success'], $plain['failure']], 1e-9);
            }
        }
    }
});
