<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\Window;

/** Somebody who goes for a test, with what they have proven. */
final readonly class Candidate
{
    /** @param array<string, Window> $windows by the cell's key */
    public function __construct(public Student $student, public array $windows) {}
}
