<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange;

use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Footage;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Solo\Basic;
use StoneDrill\Core\Solo\Practice;
use StoneDrill\Core\Solo\SoloForm;
use StoneDrill\Core\Solo\SoloMark;
use StoneDrill\Core\Text;

/** Everything that one catalogue file holds: what a school teaches, who trains there, and what was recorded. */
final readonly class SchoolFile
{
    /**
     * @param list<Student>      $students
     * @param list<Rep>          $reps
     * @param list<Text>         $notices what was read otherwise than it is written there
     * @param list<PlannedClass> $classes
     * @param list<PlannedTest>  $tests
     * @param list<Basic>        $basics
     * @param list<SoloForm>     $forms
     * @param list<SoloMark>     $marks   how students did them
     * @param list<Practice>     $practised alone, at home
     * @param list<Footage>      $footage what the pictures and clips beside the file are of
     */
    public function __construct(
        public Catalogue $catalogue,
        public array $students = [],
        public array $reps = [],
        public array $notices = [],
        public array $classes = [],
        public array $tests = [],
        public array $basics = [],
        public array $forms = [],
        public array $marks = [],
        public array $practised = [],
        public array $footage = [],
    ) {}

    /**
     * The same file with other pictures and clips beside it.
     *
     * @param list<Footage> $footage
     */
    public function withFootage(array $footage): self
    {
        return new self(...[...get_object_vars($this), 'footage' => $footage]);
    }
}
