<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Session\Expected;

/** A class on the way to a test. */
final readonly class SeasonClass
{
    /**
     * @param int      $at       when it is, seconds since 1970
     * @param int      $answers  that there is time to teach
     * @param int      $reps     tries under pressure that each student gets
     * @param Expected $expected who comes
     */
    public function __construct(
        public string $id,
        public int $at,
        public int $answers,
        public int $reps,
        private Expected $expected = new Expected(),
    ) {}

    public function expects(Student $student): bool
    {
        return $this->expected->isEverybody()
            || $this->expected->includes($student, new DateTimeImmutable("@{$this->at}"));
    }
}
