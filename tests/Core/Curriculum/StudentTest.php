<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\Student;

// Youth ends on the sixteenth birthday itself.
it('knows who is under sixteen', function (?string $born, string $day, bool $youth): void {
    $student = new Student('a', 'A', 'r', born: $born === null ? null : new DateTimeImmutable($born.' UTC'));

    expect($student->isYouthOn(new DateTimeImmutable($day.' UTC')))->toBe($youth);
})->with([
    'a child' => ['2014-06-01', '2026-11-24', true],
    'the day before' => ['2010-11-25', '2026-11-24', true],
    'the birthday' => ['2010-11-24', '2026-11-24', false],
    'the day after' => ['2010-11-23', '2026-11-24', false],
    'born on the 29th of February, the 28th' => ['2012-02-29', '2028-02-28', true],
    'born on the 29th of February, the day itself' => ['2012-02-29', '2028-02-29', false],
    'not known' => [null, '2026-11-24', false],
]);
