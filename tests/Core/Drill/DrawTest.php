<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Need;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Reaction;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Draw;
use StoneDrill\Core\Drill\HiddenMoment;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Preparation;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Drill\Warning;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Prover;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Proof\Windows;
use Tests\Core\Drill\DrawFixture;
use Tests\Support\English;
use Tests\Support\Made;

it('weighs by prevalence, by what is not proven, and by how long ago', function (Ticket $ticket, float $weight): void {
    expect($ticket->weight())->toEqualWithDelta($weight, 1e-6);
})->with([
    'today' => [fn (): Ticket => DrawFixture::ticket(4, 0.25, 0), 3.0],
    'a week ago' => [fn (): Ticket => DrawFixture::ticket(4, 0.25, 7), 4.5],
    'long ago' => [fn (): Ticket => DrawFixture::ticket(4, 0.25, 300), 9.0],
    'at four weeks it is as wanted as it gets' => [fn (): Ticket => DrawFixture::ticket(1, 0.0, 28), 3.0],
    'never' => [fn (): Ticket => DrawFixture::ticket(2, 0.5, null), 3.0],
]);

it('has the entropy of its weights', function (array $prevalences, float $bits): void {
    expect(
        Draw::of(array_map(fn (int $prevalence): Ticket => DrawFixture::ticket($prevalence), $prevalences))->entropy(),
    )->toEqualWithDelta($bits, 1e-12);
})->with([
    'two alike' => [[3, 3], 1.0],
    'a half and two quarters' => [[4, 2, 2], 1.5],
    'one' => [[5], 0.0],
    'none' => [[], 0.0],
    // 1/6, 2/6, 3/6: log2 6 − (2·1 + 3·log2 3) ÷ 6.
    'one to three' => [[1, 2, 3], log(6, 2) - (2 + 3 * log(3, 2)) / 6],
]);

it('draws each as often as it weighs', function (): void {
    $draw = Draw::of([
        DrawFixture::ticket(1, id: 'one'),
        DrawFixture::ticket(2, id: 'two'),
        DrawFixture::ticket(5, id: 'five'),
    ]);
    $counts = ['one' => 0, 'two' => 0, 'five' => 0];
    for ($seed = 1; $seed <= 4000; $seed++) {
        $counts[$draw->next($seed)[0]->cell->attack->id]++;
    }

    // Four standard deviations of 4000 tries.
    expect($counts['one'])->toBeGreaterThan(500 - 84)
        ->toBeLessThan(500 + 84)
        ->and($counts['five'])->toBeGreaterThan(2500 - 123)
        ->toBeLessThan(2500 + 123)
        ->and($draw->next(7))->toEqual($draw->next(7))
        ->and(Draw::of([])->next(1))->toBeNull();
});

it('draws by what is proven and how long ago too, and leaves the moment to chance', function (): void {
    // 4 × .25 × 1, 2 × .5 × 2, 5 × 1 × 1: one, two and five parts of eight.
    $draw = Draw::of([
        DrawFixture::ticket(4, 0.75, 0, id: 'one'),
        DrawFixture::ticket(2, 0.5, 14, id: 'two'),
        DrawFixture::ticket(5, 0.0, 0, id: 'five'),
    ]);
    $counts = ['one' => 0, 'two' => 0, 'five' => 0];
    $chances = ['one' => 0.0, 'two' => 0.0, 'five' => 0.0];
    for ($seed = 1; $seed <= 4000; $seed++) {
        [$ticket, $chance] = $draw->next($seed);
        $counts[$ticket->cell->attack->id]++;
        $chances[$ticket->cell->attack->id] += $chance;
        expect($chance)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(1.0);
    }

    // Four standard deviations of 4000 tries; the moment of each is as likely early as late (.29 ÷ √n from a half).
    expect($counts['one'])->toBeGreaterThan(500 - 84)
        ->toBeLessThan(500 + 84)
        ->and($counts['two'])->toBeGreaterThan(1000 - 110)
        ->toBeLessThan(1000 + 110)
        ->and($counts['five'])->toBeGreaterThan(2500 - 123)
        ->toBeLessThan(2500 + 123);
    foreach ($counts as $id => $count) {
        expect($chances[$id] / $count)->toEqualWithDelta(0.5, (4 * 0.29) / sqrt($count));
    }
});

it('leaves out a family that came twice, unless it is all there is', function (array $latest, int $left): void {
    $tickets = [
        DrawFixture::ticket(3),
        DrawFixture::ticket(3, kind: 'hug-front-free'),
        DrawFixture::ticket(3, kind: 'throat-front'),
    ];

    expect(Draw::of($tickets, $latest)->tickets)->toHaveCount($left);
})->with([
    'twice' => [[Family::Choke, Family::Choke, Family::Hug], 1],
    'once' => [[Family::Choke, Family::Hug, Family::Choke], 3],
    'one rep' => [[Family::Choke], 3],
    'another' => [[Family::Kick, Family::Kick], 3],
]);

it('leaves nothing out of what is all there is', function (): void {
    expect(Draw::of([DrawFixture::ticket(3)], [Family::Choke, Family::Choke])->tickets)->toHaveCount(1);
});

it('waits at least a second and a half and never more than nine, by a cut-off exponential', function (
    float $chance,
    float $wait,
): void {
    expect(HiddenMoment::wait($chance))->toEqualWithDelta($wait, 1e-4);
})->with([[0.0, 1.5], [1.0, 9.0], [0.5, 3.3428], [0.25, 2.2821]]);

it('draws from what the rank needs and has an answer to', function (): void {
    $here = Made::attack(id: 'here', neededBy: 'a');
    $later = Made::attack(id: 'later', neededBy: 'b');
    $nobody = Made::attack(id: 'nobody');
    $bare = Made::attack('sleeve', ['thumb' => 'n/a'], 'bare', 'a');
    $catalogue = Made::catalogue(
        [$here, $later, $nobody, $bare],
        [Made::answer('x', $here, 'a'), Made::answer('y', $later, 'b', true)],
    );
    $pool = Made::pool($catalogue);

    // The answer at rank b matches the same kind of hold, so that it lays the other side there.
    expect(DrawFixture::drilled($pool, new Student('ada', 'Ada', 'a')))->toBe(['here written'])
        ->and(DrawFixture::drilled($pool, new Student('bo', 'Bo', 'b')))
        ->toBe(['here written', 'here mirrored', 'later written', 'later mirrored']);
});

it('draws what is taught and does not work only when it is asked for', function (): void {
    $works = Made::attack(id: 'works', neededBy: 'a');
    $fails = Made::attack('throat-front', ['hand' => 'both', 'intent' => 'choke', 'thumb' => 'n/a'], 'fails', 'a');
    $pool = Made::pool(
        Made::catalogue(
            [$works, $fails],
            [
                Made::answer('x', $works, 'a'),
                Made::answer('y', $fails, 'b', beats: "tuck\nleave 6"),
                Made::answer('z', $fails, 'c', beats: "tuck, both hands strip\nleave 6"),
            ],
        ),
    );
    $failing = static fn (Student $student): array => array_map(
        static fn (Ticket $ticket): string => $ticket->cell->key->text,
        $pool->failing($student, 3, []),
    );

    // It leaves with the hold on: at rank b that is all there is, at rank c another works, at rank a nothing is taught.
    expect(
        array_map(static fn (string $rank): int => count($failing(new Student('ada', 'Ada', $rank))), ['a', 'b', 'c']),
    )
        ->toBe([0, 1, 0])
        ->and(DrawFixture::drilled($pool, new Student('bo', 'Bo', 'b')))->toBe(['works written'])
        ->and(
            array_column(
                $pool->answers(
                    new Student('bo', 'Bo', 'b'),
                    $pool->failing(new Student('bo', 'Bo', 'b'), 3, [])[0]->cell,
                ),
                'id',
            ),
        )
        ->toBe(['y'])
        ->and($failing(new Student('cy', 'Cy', 'b', flags: ['no-choke'])))->toBe([]);
});

it('bars by policy and by flag, and says so', function (
    array $attack,
    string $beats,
    Student $student,
    ?string $said,
): void {
    $pool = DrawFixture::pool(
        [
            Made::attack(
                $attack[0],
                ['hand' => 'both', 'phase' => $attack[1], 'intent' => $attack[2], 'thumb' => 'n/a'],
                'it',
                'a',
            ),
        ],
        $beats,
    );

    expect(DrawFixture::drilled($pool, $student) === [])->toBe($said !== null)
        ->and(array_map(English::say(...), $pool->barred($student)))->toBe($said === null ? [] : [$said]);
})->with([
    'a grown-up' => [['throat-front', 'landed', 'choke'], 'hop 6 -> released', new Student('ada', 'Ada', 'b'), null],
    'contact at the lowest rank' => [
        ['hug-front-free', 'landed', 'pin'],
        "right palm chin -> released\nleave 6",
        new Student('ada', 'Ada', 'a'),
        null,
    ],
    'contact later' => [
        ['hug-front-free', 'landed', 'pin'],
        "right palm chin -> released\nleave 6",
        new Student('ada', 'Ada', 'b'),
        null,
    ],
    'a flag against the answer' => [
        ['hug-front-free', 'landed', 'pin'],
        "left hand lock wrist -> released\nleave 6",
        new Student('ada', 'Ada', 'b', flags: ['no-wrist-lock']),
        '“It” is left out for Ada: a wrist lock (flag no-wrist-lock).',
    ],
    'a flag against the attack' => [
        ['dive-legs', 'reaching', 'take-down'],
        'leave 6',
        new Student('ada', 'Ada', 'b', flags: ['no-fall']),
        '“It” is left out for Ada: a fall (flag no-fall).',
    ],
]);

it('bars by what a beat reads like for the student’s own rank', function (): void {
    $attack = Made::attack(
        'hug-front-free',
        ['hand' => 'both', 'phase' => 'landed', 'intent' => 'pin', 'thumb' => 'n/a'],
        'it',
        'a',
    );
    $answer = Made::answer(
        'x',
        $attack,
        'a',
        true,
        beats: "right palm ribs -> released\n  for third ring: left hand lock wrist -> released\nleave 6",
    );
    $made = Made::catalogue([$attack], [$answer]);
    $pool = Made::pool(
        new Catalogue(
            $made->school,
            [],
            [$made->ranks[0], $made->ranks[1], new Rank('c', 'Third Ring', 6, 4)],
            $made->ladder,
            $made->attacks,
            $made->answers,
        ),
    );

    // One after the other from one pool: none is asked what another rank is taught.
    expect(
        array_map(
            static fn (string $rank): array => DrawFixture::drilled(
                $pool,
                new Student('ada', 'Ada', $rank, flags: ['no-wrist-lock']),
            ),
            ['a', 'b', 'c'],
        ),
    )->toBe([['it written'], ['it written'], []]);
});

it('drills a beginner of a school that touches nobody yet, and says how far to go', function (): void {
    $pool = DrawFixture::pool(
        [
            Made::attack(
                'hug-front-free',
                ['hand' => 'both', 'phase' => 'landed', 'intent' => 'pin', 'thumb' => 'n/a'],
                'it',
                'a',
            ),
        ],
        "right palm chin -> released\nleave 6",
    );

    expect(DrawFixture::drilled($pool, new Student('ada', 'Ada', 'a')))->toBe(['it written'])
        ->and(array_map(English::say(...), $pool->levels(new Student('ada', 'Ada', 'a'))))
        ->toBe(['Throw and stop short: contact.'])
        ->and($pool->levels(new Student('bo', 'Bo', 'b')))->toBe([]);
});

it('bars contact where the policy does not teach it, and says with what it wants pads', function (): void {
    $attack = Made::attack(
        'hug-front-free',
        ['hand' => 'both', 'phase' => 'landed', 'intent' => 'pin', 'thumb' => 'n/a'],
        'it',
        'a',
    );
    $catalogue = Made::catalogue(
        [$attack],
        [Made::answer('x', $attack, 'a', true, beats: "right palm chin -> released\nleave 6")],
        policy: [
            new PolicyRow(Hazard::Contact, null, 'b', PolicyLevel::NotTaught),
            new PolicyRow(Hazard::Knee, null, null, PolicyLevel::Pads),
            new PolicyRow(Hazard::Fall, null, null, PolicyLevel::Pads),
        ],
    );
    $pool = Made::pool($catalogue);

    expect(DrawFixture::drilled($pool, new Student('ada', 'Ada', 'a')))->toBe([])
        ->and(array_map(English::say(...), $pool->barred(new Student('ada', 'Ada', 'a'))))
        ->toBe(['“It” is left out for Ada: contact (contact policy).'])
        ->and(array_map(English::say(...), $pool->levels(new Student('bo', 'Bo', 'b'))))
        ->toBe(['Only with pads: a strike to the knee, a fall.']);
});

it('drills no chokes with the young', function (): void {
    $throat = new Attack(
        'throat',
        'Throat',
        Made::attack('throat-front', [
            'hand' => 'both',
            'phase' => 'landed',
            'intent' => 'choke',
            'thumb' => 'n/a',
        ])->kind,
        Made::attack('throat-front', [
            'hand' => 'both',
            'phase' => 'landed',
            'intent' => 'choke',
            'thumb' => 'n/a',
        ])->facets,
        new Need('a', 'a'),
    );
    $pool = DrawFixture::pool([$throat], "hop 6 -> released\nleave 6");

    expect(DrawFixture::drilled($pool, new Student('ada', 'Ada', 'a', born: new DateTimeImmutable('2012-05-02'))))
        ->toBe([])
        ->and(DrawFixture::drilled($pool, new Student('bo', 'Bo', 'a', born: new DateTimeImmutable('2001-05-02'))))
        ->toBe(['throat written']);
});

it('keeps of reps what says the same as all of them', function (int $seed): void {
    mt_srand($seed);
    $outcomes = ['clean', 'clean', 'clean', 'scraped', 'late', 'stopped', 'froze'];
    $reps = array_map(
        fn (): StoneDrill\Core\Proof\Rep => Made::rep(mt_rand(1, 7), $outcomes[mt_rand(0, 6)], mt_rand(0, 4000) / 10),
        range(1, mt_rand(1, 40)),
    );
    $window = Windows::of($reps, [Made::attack()], Ladder::builtIn(), new DateTimeImmutable(Made::NOW))['ada'][
        'it written'
    ];
    foreach ([Made::NOW, '2026-12-20T20:00:00+00:00', '2027-06-01T00:00:00+00:00'] as $moment) {
        $at = new DateTimeImmutable($moment);
        $proofs = array_column((new Prover(Ladder::builtIn()))->prove($reps, [Made::attack()], $at), null, 'rung');
        foreach (Ladder::builtIn()->ids() as $rung) {
            expect($window->state($rung, $at))->toBe(
                $proofs[$rung]->state ?? ProofState::Untried,
                "rung {$rung} at {$moment}",
            );
            if (isset($proofs[$rung])) {
                expect($window->evidence($rung, $at)->lower())->toEqualWithDelta($proofs[$rung]->lower, 1e-9);
            }
        }
        expect($window->reaches($at))->toBeTrue();
    }
    expect(count($window->tries))->toBeLessThanOrEqual(12);
})->with(range(1, 40));

it('says nothing of a moment before its last rep', function (): void {
    expect(
        Window::of([Made::rep(3, 'clean', 2)], Ladder::builtIn())->reaches(new DateTimeImmutable('2026-11-20')),
    )->toBeFalse();
});

it('tells reaction, what is to spare, and from how far it must be seen', function (): void {
    // A swing stepping in arrives after .60 s; at rung 6 nothing is told: .25 + 2 · .15 to react, and the step takes
    // .45.
    $swing = Made::attack(
        'swing',
        ['phase' => 'reaching', 'intent' => 'strike', 'thumb' => 'n/a', 'bearing' => '12'],
        'it',
        'a',
    );
    $catalogue = Made::catalogue([$swing], [Made::answer('x', $swing, 'a', beats: "left foot step 9\nleave 6")]);
    $cell = Coverage::of($catalogue)->cells[0];
    $step = $catalogue->answers[0]->beats->line[0]->seconds();
    $warning = Warning::of($cell, $catalogue->answers[0]->beats, new Reaction(), Ladder::builtIn()->get(6), 2.0);

    expect($warning->reaction)->toEqualWithDelta(0.55, 1e-12)
        ->and($warning->spare)->toEqualWithDelta(0.6 - 0.55 - $step, 1e-12)
        ->and($warning->distance)->toEqualWithDelta(($step - 0.05) * 2.5, 1e-12)
        ->and(
            Warning::of($cell, $catalogue->answers[0]->beats, new Reaction(), Ladder::builtIn()->get(2), 2.0)->reaction,
        )
        ->toBe(0.0);
    $held = Coverage::of(Made::catalogue([Made::attack(id: 'w', neededBy: 'a')], []))->cells[0];
    expect(Warning::of($held, null, new Reaction(), Ladder::builtIn()->get(6), 2.0)->spare)->toBeNull();
});

describe('on the way to a test', function (): void {
    beforeEach(function (): void {
        $this->wrist = Made::attack(id: 'wrist', neededBy: 'a');
        $hug = ['hand' => 'both', 'phase' => 'landed', 'intent' => 'pin', 'thumb' => 'n/a'];
        $this->hug = Made::attack('hug-front-free', $hug, 'hug', 'b');
        $this->sleeve = Made::attack('sleeve', ['thumb' => 'n/a'], 'sleeve', 'b');
        $this->throat = Made::attack('throat-front', [...$hug, 'intent' => 'choke'], 'throat', 'b');
        // Of sleeves everybody learns one answer, and a rank later a second.
        $this->answers = [
            Made::answer('x', $this->wrist, 'a'),
            Made::answer('palm', $this->hug, 'b', beats: "right palm chin -> released\nleave 6"),
            Made::answer('first', $this->sleeve, 'a'),
            Made::answer('second', $this->sleeve, 'b'),
            Made::answer('late', $this->throat, 'c'),
        ];
        $this->pool = function (array $prepared): Pool {
            $catalogue = Made::catalogue(
                [$this->wrist, $this->hug, $this->sleeve, $this->throat],
                $this->answers,
                policy: [
                    new PolicyRow(Hazard::Contact, null, 'b', PolicyLevel::NotTaught),
                    new PolicyRow(Hazard::Contact, null, 'c', PolicyLevel::Pads),
                    new PolicyRow(Hazard::Knee, null, 'b', PolicyLevel::StopShort),
                ],
            );
            $cells = Coverage::of($catalogue)->cells;

            return new Pool($catalogue, $cells, $catalogue, $cells, new DateTimeImmutable(Made::NOW), $prepared);
        };
        $this->ada = new Student('ada', 'Ada', 'a');
    });

    it('drills candidates on what they were taught for it, as the rank that they go for', function (): void {
        $pool = ($this->pool)([new Preparation('b', ['ada'], ['palm'])]);

        // What rank a must not do is drilled as at rank b, and said to be; all others as before.
        expect(DrawFixture::drilled($pool, $this->ada))->toBe(['wrist written', 'hug written'])
            ->and(DrawFixture::drilled($pool, new Student('bo', 'Bo', 'a')))->toBe(['wrist written'])
            ->and(array_map(English::say(...), $pool->levels($this->ada)))
            ->toBe(['Throw and stop short: a strike to the knee.', 'Only with pads: contact.'])
            ->and(array_map(English::say(...), $pool->levels(new Student('bo', 'Bo', 'a'))))
            ->toBe(['Throw and stop short: a strike to the knee.']);
        $tickets = $pool->tickets($this->ada, 3, []);
        $ahead = array_map(fn (Ticket $ticket): bool => $pool->isAhead($this->ada, $ticket->cell), $tickets);
        expect($ahead)->toBe([false, true])
            ->and(array_column($pool->answers($this->ada, $tickets[1]->cell), 'id'))->toBe(['palm']);
    });

    it('drills them on what the way has them drill, with answers that they know', function (): void {
        $drills = ['ada' => ['sleeve written', 'throat written', 'gone written']];
        $pool = ($this->pool)([new Preparation('b', ['ada'], [], $drills)]);
        $sleeve = $pool->tickets($this->ada, 3, [])[1]->cell;

        // Nothing works against the throat by rank b, and one attack is not there any more.
        expect(DrawFixture::drilled($pool, $this->ada))->toBe(['wrist written', 'sleeve written'])
            ->and(array_column($pool->answers($this->ada, $sleeve), 'id'))->toBe(['first']);
        // Taught the second on the way, they have both; who knows none has what there is.
        $taught = ($this->pool)([new Preparation('b', ['ada'], ['second'], $drills)]);
        expect(array_column($taught->answers($this->ada, $sleeve), 'id'))->toBe(['first', 'second']);
        unset($this->answers[2]);
        $none = ($this->pool)([new Preparation('b', ['ada'], [], $drills)]);
        expect(array_column($none->answers($this->ada, $sleeve), 'id'))->toBe(['second']);
    });

    it('keeps what a flag bars from them, and drills what their rank needs as ever', function (): void {
        $way = new Preparation('b', ['ada'], ['palm', 'x'], ['ada' => ['wrist written']]);
        $flagged = new Student('ada', 'Ada', 'a', flags: ['no-contact']);

        expect(DrawFixture::drilled(($this->pool)([$way]), $flagged))->toBe(['wrist written'])
            ->and(DrawFixture::drilled(($this->pool)([$way, $way]), $this->ada))
            ->toBe(['wrist written', 'hug written']);
    });
});

it('gathers what the classes on the way teach and have drilled, of candidates alone', function (): void {
    $way = Preparation::inClasses(
        'b',
        ['ada', '7'],
        ['mon' => ['x', 'y'], 'wed' => ['y']],
        ['mon' => ['ada' => ['it written'], 'gone' => ['it written']], 'wed' => ['ada' => ['it written', 'it mirrored'], 7 => ['it mirrored']]],
    );

    expect($way->answers)->toBe(['x', 'y'])
        ->and($way->drills)->toBe(['ada' => ['it written', 'it mirrored'], 7 => ['it mirrored']])
        ->and($way->drills('7', 'it mirrored'))->toBeTrue()
        ->and($way->drills('gone', 'it written'))->toBeFalse()
        ->and([$way->isFor('7'), $way->isFor('gone')])->toBe([true, false]);
});
