<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\HiddenMoment;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\ClassesBefore;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\ClassWishes;
use StoneDrill\Core\Session\Group;
use StoneDrill\Core\Session\Meetings;
use StoneDrill\Core\Session\Partners;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\Practice;
use StoneDrill\Core\Session\Season\SeasonFacts;
use StoneDrill\Core\Session\Timetable;
use Tests\Core\Session\ClassPlanFixture;
use Tests\Support\Made;

/**
 * A class of two under 16 and three others of rank a. “off” to a wrist cannot hurt anybody; “strike”, which rank b
 * learns to a push, touches a partner.
 *
 * @param ?list<PolicyRow> $policy
 * @param list<string>     $latest ids of the answers of the last classes
 */
function mixedClass(?array $policy = [], array $latest = [], int $instructors = 3, string $strikes = 'b'): ClassPlan
{
    $wrist = Made::attack(id: 'wrist', neededBy: 'a', prevalence: 4);
    $push = Made::attack(id: 'push', neededBy: $strikes, prevalence: 5);
    $planner = ClassPlanFixture::planner(
        Made::catalogue(
            [$wrist, $push],
            [
                Made::answer('off', $wrist, 'a', true),
                Made::answer('strike', $push, $strikes, true, beats: "right palm chest\nleave 6"),
            ],
            policy: $policy,
        ),
    );
    $born = new DateTimeImmutable('2014-05-01');

    return $planner->plan(
        1,
        new ClassFacts(60, Timetable::usual(), 8, $instructors),
        [
            new Student('kit', 'Kit', 'a', born: $born),
            new Student('lou', 'Lou', 'a', born: $born),
            ...array_map(static fn (string $id): Student => new Student($id, $id, 'a'), ['ann', 'bo', 'cy']),
        ],
        [],
        new ClassesBefore(answers: $latest),
    );
}

/** @return list<list<string>> ids of those of each circle of a kind of block, in order */
function circlesOf(ClassPlan $plan, BlockKind $kind): array
{
    return array_values(
        array_filter(
            array_map(static function (Partners $one) use ($kind): array {
                $ids = array_merge(
                    ...array_map(
                        static fn ($round): array => [...array_merge(...$round->pairs), (string) $round->over],
                        $one->of($kind),
                    ),
                );
                $ids = array_filter(array_unique($ids));
                sort($ids);

                return $ids;
            }, $plan->partners),
        ),
    );
}

it('teaches those under 16 with the others where nothing is taught otherwise to them', function (
    array $policy,
    array $latest,
    array $groups,
): void {
    $plan = mixedClass($policy, $latest, strikes: 'c');

    expect(
        array_map(
            static fn (Group $group): array => [array_column($group->students, 'id'), $group->drilled],
            $plan->groups,
        ),
    )->toBe($groups);
})->with([
    'the same for all' => [[], [], [[['ann', 'bo', 'cy', 'kit', 'lou'], ['off']]]],
    'otherwise what is two ranks on' => [
        [new PolicyRow(Hazard::Contact, 16, null, PolicyLevel::NotTaught)],
        ['strike'],
        [[['ann', 'bo', 'cy', 'kit', 'lou'], ['off']]],
    ],
]);

it('teaches them by themselves where it is barred for them, or goes less far', function (
    array $policy,
    array $latest,
    array $groups,
): void {
    expect(
        array_map(
            static fn (Group $group): array => [array_column($group->students, 'id'), $group->drilled],
            mixedClass($policy, $latest)->groups,
        ),
    )->toBe($groups);
})->with([
    'barred' => [
        [new PolicyRow(Hazard::Contact, 16, null, PolicyLevel::NotTaught)],
        [],
        [[['kit', 'lou'], ['off']], [['ann', 'bo', 'cy'], ['strike', 'off']]],
    ],
    'less far' => [
        [new PolicyRow(Hazard::Contact, 16, null, PolicyLevel::StopShort)],
        [],
        [[['kit', 'lou'], ['strike', 'off']], [['ann', 'bo', 'cy'], ['strike', 'off']]],
    ],
    'as far for all' => [
        [new PolicyRow(Hazard::Contact, null, null, PolicyLevel::StopShort)],
        [],
        [[['ann', 'bo', 'cy', 'kit', 'lou'], ['strike', 'off']]],
    ],
    'another hazard' => [
        [new PolicyRow(Hazard::Choke, 16, null, PolicyLevel::NotTaught)],
        [],
        [[['ann', 'bo', 'cy', 'kit', 'lou'], ['strike', 'off']]],
    ],
]);

it('pairs them by themselves in a block with a hazard, and with all others in one without', function (): void {
    // The strike is for c: nobody here is taught it, and it is drawn under pressure all the same.
    $plan = mixedClass(strikes: 'c');
    $all = ['ann', 'bo', 'cy', 'kit', 'lou'];
    $apart = [['kit', 'lou'], ['ann', 'bo', 'cy']];

    expect(circlesOf($plan, BlockKind::Drill))->toBe([$all])
        ->and(circlesOf($plan, BlockKind::Pressure))->toBe($apart)
        ->and([$plan->practice['drill']->hurts, $plan->practice['pressure']->hurts])->toBe([false, true])
        ->and(array_map(static fn (Partners $of): array => [count($of->drill), count($of->pressure)], $plan->partners))
        ->toBe([[5, 0], [0, 4], [0, 4]])
        ->and(circlesOf(mixedClass(), BlockKind::Drill))
        ->toBe($apart);
});

it('keeps who met in the drill apart under pressure, though the circles are others', function (): void {
    $plan = mixedClass(strikes: 'c');
    $drill = (new Meetings())->with($plan->partners[0]->drill);
    // Three of one circle meet in three rounds, whatever is done: those who met today come last.
    $grown = $plan->partners[2]->pressure;
    $hadMet = array_map(
        static fn ($round): bool => $drill->haveMetToday(...$round->pairs[0]),
        array_slice($grown, 0, 3),
    );
    $sorted = $hadMet;
    sort($sorted);

    expect($hadMet)->toBe($sorted);
});

it('drills what the last classes had, as far as somebody may, and not what is skipped', function (): void {
    expect(mixedClass(latest: ['strike'])->drilled())->toBe(['strike', 'off'])
        ->and(mixedClass(latest: ['strike'], strikes: 'c')->drilled())->toBe(['off'])
        ->and(
            mixedClass([new PolicyRow(Hazard::Contact, null, null, PolicyLevel::NotTaught)], ['strike'])->drilled(),
        )->toBe(['off']);

    $catalogue = ClassPlanFixture::catalogue();
    $drilled = static fn (ClassWishes $wishes, array $latest): array => ClassPlanFixture::planner($catalogue)->plan(
        1,
        new ClassFacts(60, ClassPlanFixture::oneAnswer(), 8, 1, $wishes),
        [new Student('s', 'S', 'a')],
        [],
        new ClassesBefore(answers: $latest),
    )->drilled();

    // There is time to teach one. “past” is two ranks on.
    expect($drilled(new ClassWishes(), []))->toBe(['out'])
        ->and($drilled(new ClassWishes(), ['off', 'past', 'gone']))->toBe(['out', 'off'])
        ->and($drilled(new ClassWishes(skip: ['off']), ['off']))->toBe(['out']);
});

it('takes as long for a try as its rung does', function (?Rung $rung, float $seconds): void {
    expect((new Practice($rung, 2.0))->try(12.0))->toEqualWithDelta($seconds, 1e-4);
})->with([
    // Three until the attack comes, the answer, and twelve.
    'full pace' => [null, 17.0],
    'half pace' => [new Rung(3, 'Walk-in', 0.5, true, true, 0, false, []), 19.0],
    'a quarter' => [new Rung(1, 'Shadow', 0.25, true, true, 0, false, []), 23.0],
    // 1.5 + 3 × (1 − 2.5 e^−2.5 ÷ (1 − e^−2.5)) = 3.8293 where the moment is hidden.
    'hidden' => [new Rung(5, 'Blind start', 1.0, true, false, 1, false, []), 17.8293],
]);

it('keeps those under 16 apart where nothing is known of what is practised', function (): void {
    $planner = ClassPlanFixture::planner(Made::catalogue([Made::attack(id: 'wrist', neededBy: 'a')], []));
    $plan = static fn (string $born): ClassPlan => $planner->plan(
        1,
        new ClassFacts(60, Timetable::usual(), 8, 1),
        array_map(
            static fn (string $id): Student => new Student($id, $id, 'a', born: new DateTimeImmutable($born)),
            ['ann', 'bo'],
        ),
        [],
    );

    // Whoever comes late on the Mat is paired by this, though nobody of theirs was planned for.
    foreach (['2014-05-01', '1990-05-01'] as $born) {
        expect(array_map(static fn (Practice $one): bool => $one->hurts, $plan($born)->practice))
            ->toBe(['drill' => true, 'pressure' => true])
            ->and($plan($born)->drilled())
            ->toBe([]);
    }
});

it('drills at the highest rung below a goal, or the lowest there is', function (): void {
    $ladder = new Ladder(
        array_map(static fn (int $id): Rung => new Rung($id, '', 1.0, true, true, 0, false, []), [2, 5, 7]),
    );

    expect(array_map(static fn (int $goal): int => $ladder->below($goal)->id, [2, 5, 7, 12]))->toBe([2, 2, 5, 7]);
});

it('counts what a class gives a season as its page does', function (): void {
    $at = new DateTimeImmutable(Made::NOW);
    $facts = static fn (int $places): ClassFacts => new ClassFacts(60, Timetable::usual(), $places, 1);
    $classes = (new SeasonFacts(
        array_map(static fn (int $one): Student => new Student("s{$one}", '', 'a'), range(1, 9)),
        new Practice(new Rung(3, 'Walk-in', 0.5, true, true, 0, false, []), 2.0),
    ))->of([new PlannedClass('x', $at, $facts(8)), new PlannedClass('y', $at, $facts(2))]);

    // Twelve minutes ÷ 19 s ÷ 2 = 18.9; five pairs on two places: two fifths, 7.6. Eighteen minutes to teach, at four.
    expect(array_column($classes, 'reps'))->toBe([18, 7])
        ->and(array_column($classes, 'answers'))
        ->toBe([4, 4]);
});

it('waits as long on average as it is drawn to', function (): void {
    $waits = array_map(static fn (int $one): float => HiddenMoment::wait(($one + 0.5) / 100_000), range(0, 99_999));

    expect(HiddenMoment::usual())->toEqualWithDelta(array_sum($waits) / count($waits), 1e-5);
});

it('counts the tries of a drill at the rung below most goals, and those under pressure at the goal', function (): void {
    $plan = mixedClass();
    // Rank a aims at rung 2: rung 1 has a quarter of full pace, rung 2 half of it.
    $take = array_map(static fn (string $kind): float => $plan->practice[$kind]->seconds, ['drill', 'pressure']);
    $each = static fn (int $minutes, float $try): int => (int) floor(60 * $minutes * 2 / 2 / $try / 2);

    expect([$plan->practice['drill']->rung?->id, $plan->practice['pressure']->rung?->id])->toBe([1, 2])
        ->and($plan->repsEach(BlockKind::Drill, new ClassFacts(60, [], 8, 1)))
        ->toBe($each(15, 3 + 4 * $take[0] + 12))
        ->and($plan->repsEach(BlockKind::Pressure, new ClassFacts(60, [], 8, 1)))
        ->toBe($each(12, 3 + 2 * $take[1] + 12));
});
