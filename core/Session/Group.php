<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Curriculum\Student;

/** Students who are taught and drilled together, and what. */
final readonly class Group
{
    /**
     * @param list<Student> $students
     * @param list<Taught>  $taught   what is worth most first
     * @param list<string>  $drilled  ids of the answers that are drilled: tonight's first, then those of the last
     *     classes that somebody of them may do
     */
    public function __construct(public array $students, public array $taught, public array $drilled = []) {}

    /**
     * @param list<self> $groups
     *
     * @return list<string> ids of the answers that are drilled by somebody of them, each once
     */
    public static function drilledBy(array $groups): array
    {
        return array_values(array_unique(array_merge(...array_column($groups, 'drilled'))));
    }
}
