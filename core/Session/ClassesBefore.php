<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** What the classes before leave for one that is planned. */
final readonly class ClassesBefore
{
    /** Those whose answers are drilled again. */
    public const DRILLED = 2;

    /**
     * @param Meetings     $meetings   who has worked with whom, by the ids of students
     * @param list<string> $answers    ids of those that were used in the last of them, most first
     * @param list<string> $due        basics that are due whatever is taught: their mark is missing, or their mistakes
     *     grow
     * @param list<string> $lackLarger ids of students whom nobody larger ever attacked
     */
    public function __construct(
        public Meetings $meetings = new Meetings(),
        public array $answers = [],
        public array $due = [],
        public array $lackLarger = [],
    ) {}
}
