<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Session\Ages;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\Expected;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Session\Season\Ahead;
use StoneDrill\Core\Session\Season\Candidate;
use StoneDrill\Core\Session\Season\Learning;
use StoneDrill\Core\Session\Season\SeasonClass;
use StoneDrill\Core\Session\Timetable;
use Tests\Core\Session\SeasonFixture;
use Tests\Support\Made;

/** A class for each word, three days apart: who comes to it, `s` or `t`; with `*` everybody. */
dataset('weeks', [
    // Who is taught in the first class tries from the third of their own on: s in 2, t in 4.
    'some to each' => [['s', '*', 's', '*', 't', '*'], [0 => ['x1'], 1 => ['x1']], ['s' => [2, 3, 5], 't' => [4, 5]]],
    'all to all' => [['*', '*', '*', '*', '*', '*'], [0 => ['x1']], ['s' => [3, 4, 5], 't' => [3, 4, 5]]],
    'one to none' => [['s', 's', 's', 's'], [0 => ['x1']], ['s' => [2, 3], 't' => []]],
    'too late for a try' => [['s', 's', 's', 't', 't'], [0 => ['x1'], 3 => ['x1']], ['s' => [2], 't' => []]],
]);

it('plans for each the classes they come to, and teaches again who was not there', function (
    array $who,
    array $teaches,
    array $places,
): void {
    $catalogue = SeasonFixture::catalogue(1);
    $classes = array_map(
        static fn (string $whose, SeasonClass $class): SeasonClass => new SeasonClass(
            $class->id,
            $class->at,
            1,
            2,
            $whose === '*' ? new Expected() : new Expected(students: [$whose]),
        ),
        $who,
        SeasonFixture::classes(count($who), 1, 2),
    );
    // Who learns at once needs three tries of each side, as late as there is room for two in a class.
    $day = SeasonFixture::now() + 17 * SeasonFixture::DAY;
    $candidates = [SeasonFixture::candidate('s'), SeasonFixture::candidate('t')];
    $plan = SeasonFixture::season($catalogue, new Learning(0.1))->plan($day, $classes, $candidates);

    expect($plan->teaches)->toBe($teaches);
    foreach ($plan->forecasts as $forecast) {
        $own = $places[$forecast->student->id];
        expect(array_keys($forecast->drill))->toBe($own)
            ->and(array_map(array_sum(...), array_values($forecast->drill)))->toBe(array_fill(0, count($own), 2));
    }
})->with('weeks');

it('reads who comes from the classes, and has all come to those that were chosen', function (bool $areChosen): void {
    $catalogue = SeasonFixture::catalogue(1);
    $now = new DateTimeImmutable(Made::NOW);
    $young = new Student('s', 'S', 'a', born: $now->modify('-12 years'));
    $other = new Student('t', 'T', 'a', born: $now->modify('-30 years'));
    $classes = array_map(
        static fn (int $number): PlannedClass => new PlannedClass(
            "c{$number}",
            $now->modify("+{$number} days"),
            new ClassFacts(60, Timetable::usual(), 4, 1),
            expected: new Expected(ages: Ages::Youth),
        ),
        range(2, 20, 3),
    );
    $plan = Ahead::of(
        $catalogue,
        SeasonFixture::cells($catalogue),
        new PlannedTest(
            'test',
            'b',
            $now->modify('+30 days'),
            ['s', 't'],
            $areChosen ? array_column($classes, 'id') : [],
        ),
        [$young, $other],
        $classes,
        [new Candidate($young, []), new Candidate($other, [])],
        [],
        $now,
    )->plan;

    expect($plan->classes)->toHaveCount(7)
        ->and($plan->forecasts[0]->drill)->not->toBe([])
        ->and($plan->forecasts[1]->drill === [])->toBe(! $areChosen);
})->with(['any that expects one of them' => [false], 'chosen ones' => [true]]);
