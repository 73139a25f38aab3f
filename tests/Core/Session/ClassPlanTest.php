<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\ClassHabits;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Preparation;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\Group;
use StoneDrill\Core\Session\Partners;
use StoneDrill\Core\Session\Taught;
use StoneDrill\Core\Session\Teaching;
use StoneDrill\Core\Session\Worth;
use Tests\Core\Session\ClassPlanFixture;
use Tests\Support\Made;

it('counts what teaching an answer is worth', function (
    int $prevalence,
    bool $isUntried,
    float $known,
    float $value,
): void {
    expect((new Worth($prevalence, $isUntried, $known))->value())->toEqualWithDelta($value, 1e-12);
})->with([[4, true, 0.5, 4.5], [4, false, 0.5, 3.0], [5, true, 1.0, 7.5], [2, false, 0.0, 1.0]]);

it('teaches what works, is needed by then, and is not held', function (): void {
    $now = new DateTimeImmutable(Made::NOW);
    $catalogue = ClassPlanFixture::catalogue();
    $teaching = new Teaching($catalogue, ClassPlanFixture::cells($catalogue), $now);
    $beginner = new Student('s', 'S', 'a');
    // Of the wrist for a and of the hug for b there are answers that work; the choke is for c, two ranks on.
    $worth = $teaching->to($beginner, [], $now);
    expect(array_keys($worth))->toBe(['off', 'out'])
        ->and([$worth['off']->prevalence, $worth['off']->isUntried])->toBe([4, true])
        // “off” and “out” are done with the same kinds of movement; only “off” is known at a, by itself.
        ->and([$worth['off']->known, $worth['out']->known])->toBe([0.0, 1.0]);

    $window = StoneDrill\Core\Proof\Window::of(array_fill(0, 3, Made::rep(2, 'clean')), $catalogue->ladder);
    $half = $teaching->to($beginner, ['wrist written' => $window], $now);
    // One side is held and the other untried: it is open, and not new.
    expect($half['off']->isUntried)->toBeFalse();
    expect(array_keys($teaching->to($beginner, ['wrist written' => $window, 'wrist mirrored' => $window], $now)))->toBe(
        ['out'],
    );
});

it('plans thirty people of the demo: exact minutes, nothing barred, everybody somewhere', function (): void {
    [$plan, $students] = ClassPlanFixture::demo(60, 3);

    expect(array_map(fn (Block $block): int => $block->minutes, $plan->blocks))
        ->toBe([3, 9, 18, 15, 12, 3])
        ->and(
            array_merge(
                ...array_map(fn (Group $group): array => array_column($group->students, 'id'), $plan->groups),
            ),
        )
        ->toEqualCanonicalizing(array_column($students, 'id'))
        ->and(count($plan->groups))->toBeLessThanOrEqual(3)
        ->and($plan->basics)->not->toBe([])
        // 15 and 12 minutes at three a round.
        ->and(array_map(fn (Partners $one): array => [count($one->drill), count($one->pressure)], $plan->partners))
        ->toBe(array_fill(0, count($plan->partners), [5, 4]));
    foreach ($plan->groups as $group) {
        // 18 minutes at four an answer.
        expect(count($group->taught))->toBeLessThanOrEqual(4);
        foreach ($group->taught as $place => $taught) {
            expect($taught->untried + $taught->open)->toBeGreaterThan(0)
                ->and($taught->value)->toBeLessThanOrEqual($group->taught[max(0, $place - 1)]->value);
        }
        ClassPlanFixture::expectNothingBarred($group);
    }
});

it('teaches and practises as much as the school has time for', function (): void {
    // Nine minutes have room for four basics of two, eighteen for one answer of fifteen.
    $habits = new ClassHabits(teach: 15, basic: 2);
    [$plan] = ClassPlanFixture::demo(60, 3, habits: $habits);
    [$usual] = ClassPlanFixture::demo(60, 3);

    expect(array_map(static fn (Block $block): int => $block->minutes, $plan->blocks))
        ->toBe([3, 9, 18, 15, 12, 3])
        ->and(max(array_map(static fn (Group $group): int => count($group->taught), $plan->groups)))
        ->toBe(1)
        ->and(max(array_map(static fn (Group $group): int => count($group->taught), $usual->groups)))
        ->toBeGreaterThan(1)
        ->and(count($plan->basics))
        ->toBe(min(4, count($usual->basics)));
});

it('teaches and pairs those under 16 by themselves where their policy or a hazard asks for it', function (
    int $minutes,
    int $instructors,
    bool $isApart,
): void {
    [$plan, , $young] = ClassPlanFixture::demo($minutes, $instructors);
    expect($young)->not->toBe([]);
    // What the policy of the demo says of an age.
    $theirs = ['choke', 'neck', 'throat', 'eyes', 'fingers', 'spine'];
    $hazards = ClassPlanFixture::hazards($plan->drilled());
    expect(array_intersect($theirs, $hazards) !== [])->toBe($isApart);
    foreach ($isApart ? $plan->groups : [] as $group) {
        $ids = array_column($group->students, 'id');
        expect(count(array_intersect($ids, $young)))->toBeIn([0, count($ids)]);
    }
    expect(count($plan->groups))->toBeLessThanOrEqual($instructors);
    foreach ($plan->partners as $partners) {
        foreach ([...$hazards === [] ? [] : $partners->drill, ...$partners->pressure] as $round) {
            foreach ($round->pairs as $pair) {
                expect(count(array_intersect($pair, $young)))->toBeIn([0, 2]);
            }
        }
    }
})->with([[60, 1, false], [60, 3, false], [90, 4, true]]);

it('plans for nobody, for one, for two, and for five minutes', function (int $people, int $minutes): void {
    [$plan] = ClassPlanFixture::demo($minutes, 2, $people);

    expect(array_sum(array_map(fn (Block $block): int => $block->minutes, $plan->blocks)))->toBe($minutes)
        ->and(array_sum(array_map(fn (Group $group): int => count($group->students), $plan->groups)))->toBe($people);
})->with([[0, 60], [1, 60], [2, 45], [5, 5], [28, 240]]);

it('says the same again, in whatever order people come', function (): void {
    [$plan, $students, , $again] = ClassPlanFixture::demo(60, 3);

    expect($again(array_reverse($students)))->toEqual($plan)->and($again($students))->toEqual($plan);
});

it('teaches first what the way to a test asks for, and nothing that is barred', function (): void {
    $catalogue = ClassPlanFixture::catalogue();
    $planner = ClassPlanFixture::planner($catalogue);
    $facts = new StoneDrill\Core\Session\ClassFacts(
        60,
        ClassPlanFixture::oneAnswer(),
        8,
        1,
    );
    $taught = fn (array $season): array => array_map(
        fn (Taught $one): array => [$one->answer, $one->goesFor],
        $planner->plan(1, $facts, [new Student('s', 'S', 'a')], [], season: $season)->groups[0]
            ->taught,
    );

    $way = static fn (string $answer, string $rank, string $whose = 's'): array => [
        new Preparation($rank, [$whose], [$answer]),
    ];

    // “off” is worth 4 × 1.5 × .5, “out” 3 × 1.5: there is time for one.
    expect($taught([]))->toBe([['out', null]])
        ->and($taught($way('off', 'b')))->toBe([['off', 'b']])
        // Two ranks on is taught to whoever goes for that rank, and a way to a test to nobody but its candidates.
        ->and($taught($way('past', 'c')))->toBe([['past', 'c']])
        ->and($taught($way('off', 'b', 'another')))->toBe([['out', null]])
        ->and($taught([...$way('past', 'c', 'another'), ...$way('off', 'b')]))->toBe([['off', 'b']]);
});

it('teaches candidates as the rank that they go for, and leaves what their own is not taught to them alone', function (
    array $flags,
    array $candidates,
    array $groups,
): void {
    $wrist = Made::attack(id: 'wrist', neededBy: 'a', prevalence: 4);
    $late = Made::attack(id: 'late', neededBy: 'b', prevalence: 3);
    $catalogue = Made::catalogue(
        [$wrist, $late],
        [
            Made::answer('off', $wrist, 'a', true),
            Made::answer('strike', $late, 'b', true, beats: "right palm chin\nleave 6"),
        ],
        policy: [new PolicyRow(Hazard::Contact, null, 'b', PolicyLevel::NotTaught)],
    );
    $planner = ClassPlanFixture::planner($catalogue);
    $blocks = ClassPlanFixture::oneAnswer();
    $plan = $planner->plan(
        1,
        new StoneDrill\Core\Session\ClassFacts(60, $blocks, 8, 2),
        [new Student('s', 'S', 'a', flags: $flags), new Student('t', 'T', 'a')],
        [],
        season: [new Preparation('b', $candidates, ['strike'])],
    );

    expect(
        array_map(
            static fn (Group $group): array => [
                array_column($group->students, 'id'),
                array_map(
                    static fn (Taught $one): array => [$one->answer, $one->goesFor, round($one->value, 9)],
                    $group->taught,
                ),
            ],
            $plan->groups,
        ),
    )->toBe($groups);
})->with([
    // 4 × 1.5 × .5, since nothing of it is known; 3 × 1.5 × .75, since leaving is, and the strike is not.
    'nobody' => [[], [], [[['s', 't'], [['off', null, 6.0]]]]],
    'both' => [[], ['s', 't'], [[['s', 't'], [['strike', 'b', 6.75]]]]],
    'one' => [[], ['t'], [[['s'], [['off', null, 3.0]]], [['t'], [['strike', 'b', 3.375]]]]],
    'one who is not to be touched' => [['no-contact'], ['s'], [[['s', 't'], [['off', null, 6.0]]]]],
]);

it(
    'teaches what is wished for before all, held or not, leaves out what is skipped, and bars what is barred',
    function (): void {
        $catalogue = ClassPlanFixture::catalogue();
        $planner = ClassPlanFixture::planner($catalogue);
        $blocks = ClassPlanFixture::oneAnswer();
        $held = StoneDrill\Core\Proof\Window::of(array_fill(0, 12, Made::rep(2, 'clean')), $catalogue->ladder);
        $taught = fn (StoneDrill\Core\Session\ClassWishes $wishes, array $season = []): array => array_column(
            $planner->plan(
                1,
                new StoneDrill\Core\Session\ClassFacts(60, $blocks, 8, 1, $wishes),
                [new Student('s', 'S', 'a')],
                ['s' => ['wrist written' => $held, 'wrist mirrored' => $held]],
                season: $season,
            )->groups[0]->taught,
            'answer',
        );

        expect($taught(new StoneDrill\Core\Session\ClassWishes()))->toBe(['out'])
            // Held, and for a rank two above: wished for it is taught all the same.
            ->and($taught(new StoneDrill\Core\Session\ClassWishes(['off'])))->toBe(['off'])
            ->and($taught(new StoneDrill\Core\Session\ClassWishes(['past'])))->toBe(['past'])
            ->and($taught(new StoneDrill\Core\Session\ClassWishes(['off']), [new Preparation('b', ['s'], ['out'])]))
            ->toBe(['off'])
            ->and($taught(new StoneDrill\Core\Session\ClassWishes(skip: ['out'])))->toBe([]);
    },
);

it('lets an instructor work with whoever is over, where that is wished for', function (): void {
    $rounds = (new StoneDrill\Core\Session\Pairing(
        Tests\Core\Session\PairingFixture::people(5),
        stepsIn: true,
    ))->rounds(5);

    expect(array_map(fn ($round): ?int => $round->three, $rounds))->toBe([null, null, null, null, null])
        ->and(array_map(fn ($round): ?string => $round->over, $rounds))
        ->toEqualCanonicalizing(['p0', 'p1', 'p2', 'p3', 'p4']);
});

it('gives a third of the basics to those that are due anyway', function (): void {
    $catalogue = ClassPlanFixture::catalogue();
    $planner = ClassPlanFixture::planner($catalogue);
    $basics = fn (int $minutes, array $due): array => $planner->plan(
        1,
        new StoneDrill\Core\Session\ClassFacts(
            60,
            [
                new Block(StoneDrill\Core\Session\BlockKind::Basics, $minutes, true),
                new Block(StoneDrill\Core\Session\BlockKind::Teach),
            ],
            8,
            1,
        ),
        [new Student('s', 'S', 'a')],
        [],
        new StoneDrill\Core\Session\ClassesBefore(due: $due),
    )->basics;

    // Tonight's are hop and leave.
    expect($basics(9, []))->toBe(['hop', 'leave'])
        ->and($basics(9, ['palm', 'hop']))->toBe(['hop', 'leave', 'palm'])
        ->and($basics(2, ['palm', 'knee']))->toBe(['hop', 'leave'])
        ->and($basics(3, ['palm', 'knee']))->toBe(['hop', 'leave', 'palm']);
});
