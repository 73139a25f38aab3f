<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Curriculum\Student;

/** Students who are taught together, and what. */
final readonly class Group
{
    /**
     * @param list<Student> $students
     * @param list<Taught>  $taught   what is worth most first
     */
    public function __construct(public array $students, public array $taught) {}
}
