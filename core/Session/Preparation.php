<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** What the way to a test teaches in a class, and whom: its candidates, as the rank that they go for is taught. */
final readonly class Preparation
{
    /**
     * @param string       $rank       id of the rank that the test is for
     * @param list<string> $candidates ids of students
     * @param list<string> $answers    ids of answers
     */
    public function __construct(public string $rank, public array $candidates, public array $answers) {}

    /**
     * What is taught to one of them, of whichever test it is first.
     *
     * @param list<self> $preparations
     *
     * @return array<array-key, string> id of the rank that it is taught for, by the id of the answer
     */
    public static function ofStudent(array $preparations, string $student): array
    {
        $ahead = [];
        foreach ($preparations as $one) {
            $ahead += in_array($student, $one->candidates, true) ? array_fill_keys($one->answers, $one->rank) : [];
        }

        return $ahead;
    }
}
