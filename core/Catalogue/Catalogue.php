<?php

declare(strict_types=1);

namespace StoneDrill\Core\Catalogue;

use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Pressure\Ladder;
use StoneDrill\Core\Pressure\Rep;

/** Everything that one catalogue file holds. All references within it lead somewhere. */
final readonly class Catalogue
{
    /**
     * @param list<Kind>    $kinds    the school's own kinds, the built-in ones left out
     * @param list<Rank>    $ranks    lowest first
     * @param list<Attack>  $attacks
     * @param list<Answer>  $answers
     * @param list<Student> $students
     * @param list<Rep>     $reps
     */
    public function __construct(
        public School $school,
        public array $kinds,
        public array $ranks,
        public Ladder $ladder,
        public array $attacks = [],
        public array $answers = [],
        public array $students = [],
        public array $reps = [],
    ) {}

    /** @return array<string, int> position from 0, lowest first, by id of the rank */
    public function rankOrder(): array
    {
        return array_flip(array_map(static fn (Rank $rank): string => $rank->id, $this->ranks));
    }

    /**
     * The same school with other answers.
     *
     * @param list<Answer> $answers
     */
    public function withAnswers(array $answers): self
    {
        return new self($this->school, $this->kinds, $this->ranks, $this->ladder, $this->attacks, $answers, $this->students, $this->reps);
    }

    /** The same school with one answer introduced at another rank, each by its id. */
    public function withAnswerAt(string $answer, string $rank): self
    {
        $order = $this->rankOrder();

        return $this->withAnswers(array_map(static fn (Answer $one): Answer => $one->id === $answer ? $one->introducedFrom($rank, $order) : $one, $this->answers));
    }

    /**
     * The same school with those who train and what was recorded.
     *
     * @param list<Student> $students
     * @param list<Rep>     $reps
     */
    public function withPeople(array $students, array $reps): self
    {
        return new self($this->school, $this->kinds, $this->ranks, $this->ladder, $this->attacks, $this->answers, $students, $reps);
    }
}
