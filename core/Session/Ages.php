<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Student;

/** Of which age those are whom a class is for. */
enum Ages: string
{
    case Youth = 'under-16';
    case GrownUps = 'from-16';

    /** Whether a student is of it on a day; who is not known to be under 16 is not. */
    public function includes(Student $student, DateTimeImmutable $day): bool
    {
        return $student->isYouthOn($day) === ($this === self::Youth);
    }
}
