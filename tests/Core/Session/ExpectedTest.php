<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Session\Ages;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\Expected;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Session\Timetable;

it('expects a group of ranks and ages, and whom it names', function (Expected $expected, string $who): void {
    $day = new DateTimeImmutable('2026-12-01 19:00');
    // One is sixteen on that day, one the day after, and of one nothing is known.
    $students = [
        new Student('old', 'Old', 'a', born: new DateTimeImmutable('1990-05-05')),
        new Student('just', 'Just', 'b', born: new DateTimeImmutable('2010-12-01')),
        new Student('young', 'Young', 'a', born: new DateTimeImmutable('2010-12-02')),
        new Student('child', 'Child', 'b', born: new DateTimeImmutable('2018-01-01')),
        new Student('open', 'Open', 'c'),
    ];
    $came = array_filter($students, static fn (Student $student): bool => $expected->includes($student, $day));

    expect(implode(' ', array_column($came, 'id')))->toBe($who);
})->with([
    'everybody' => [fn (): Expected => new Expected(), 'old just young child open'],
    'of a rank' => [fn (): Expected => new Expected(['a']), 'old young'],
    'under 16' => [fn (): Expected => new Expected(ages: Ages::Youth), 'young child'],
    '16 and over' => [fn (): Expected => new Expected(ages: Ages::GrownUps), 'old just open'],
    'of two ranks, under 16' => [fn (): Expected => new Expected(['a', 'b'], Ages::Youth), 'young child'],
    'by name alone' => [fn (): Expected => new Expected(students: ['open', 'child', 'gone']), 'child open'],
    'a group and one by name' => [fn (): Expected => new Expected(['a'], Ages::Youth, ['just']), 'just young'],
]);

it('lets classes lead to a test that expect one of its candidates, or that were chosen', function (): void {
    $class = static fn (string $id, Expected $expected, string $day = '2026-12-01'): PlannedClass => new PlannedClass(
        $id,
        new DateTimeImmutable("{$day} 19:00"),
        new ClassFacts(60, Timetable::usual(), 8, 2),
        expected: $expected,
    );
    $classes = [
        $class('all', new Expected()),
        $class('children', new Expected(ages: Ages::Youth)),
        $class('rank', new Expected(['b'])),
        $class('named', new Expected(students: ['bo'])),
        $class('late', new Expected(), '2026-12-21'),
    ];
    $people = [new Student('ada', 'Ada', 'a'), new Student('bo', 'Bo', 'a')];
    $leads = static fn (array $chosen, array $candidates): array => array_column(
        array_filter(
            $classes,
            static fn (PlannedClass $class): bool => (new PlannedTest(
                't',
                'b',
                new DateTimeImmutable('2026-12-20'),
                classes: $chosen,
            ))->isLedToBy($class, $candidates),
        ),
        'id',
    );

    expect($leads([], $people))->toBe(['all', 'named'])
        ->and($leads([], [$people[0]]))->toBe(['all'])
        ->and($leads([], []))->toBe([])
        ->and($leads(['children', 'late'], $people))->toBe(['children']);
});
