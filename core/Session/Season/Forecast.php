<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use StoneDrill\Core\Curriculum\Student;

/** What is to be expected of a candidate on the day of the test. */
final readonly class Forecast
{
    /**
     * @param int                               $holds   cells of the test that are held then
     * @param int                               $of      cells that the test asks them for
     * @param ?float                            $pass    chance to pass; null where it asks for nothing
     * @param ?int                              $readyOn from when they are ready, seconds since 1970; null where they
     *     are not by the day
     * @param list<string>                      $left    keys of cells that there is no room or no answer for
     * @param array<int, array<string, int>>    $drill   tries by the place of the class and the cell's key
     */
    public function __construct(
        public Student $student,
        public int $holds,
        public int $of,
        public ?float $pass,
        public ?int $readyOn,
        public array $left,
        public array $drill,
    ) {}
}
