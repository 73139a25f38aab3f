<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use OutOfBoundsException;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Kind;

/** What a school teaches: its settings, ranks, rungs, attacks and answers. All references within it lead somewhere. */
final readonly class Catalogue
{
    /** @var array<string, int> position from 0, lowest first, by id */
    private array $positions;
    /** @var array<string, Attack> by id */
    private array $attacksById;
    /** @var array<string, Answer> by id */
    private array $answersById;
    /** @var array<string, Answer> by title */
    private array $answersByTitle;

    /**
     * @param list<Kind>   $kinds   the school's own kinds, the built-in ones left out
     * @param list<Rank>   $ranks   lowest first
     * @param list<Attack> $attacks
     * @param list<Answer> $answers
     */
    public function __construct(
        public School $school,
        public array $kinds,
        public array $ranks,
        public Ladder $ladder,
        public array $attacks = [],
        public array $answers = [],
    ) {
        $this->positions = array_flip(array_map(static fn (Rank $rank): string => $rank->id, $ranks));
        $this->attacksById = array_column($attacks, null, 'id');
        $this->answersById = array_column($answers, null, 'id');
        $this->answersByTitle = array_column($answers, null, 'title');
    }

    /** @throws OutOfBoundsException when no rank has this id */
    public function rank(string $id): Rank
    {
        return $this->ranks[$this->positions[$id] ?? throw new OutOfBoundsException("No rank {$id}.")];
    }

    /** @return array<string, int> position from 0, lowest first, by id of the rank */
    public function rankOrder(): array
    {
        return $this->positions;
    }

    /** @throws OutOfBoundsException when no attack has this id */
    public function attack(string $id): Attack
    {
        return $this->attacksById[$id] ?? throw new OutOfBoundsException("No attack {$id}.");
    }

    public function hasAttack(string $id): bool
    {
        return isset($this->attacksById[$id]);
    }

    public function hasAnswer(string $id): bool
    {
        return isset($this->answersById[$id]);
    }

    /** @throws OutOfBoundsException when no answer has this id */
    public function answer(string $id): Answer
    {
        return $this->answersById[$id] ?? throw new OutOfBoundsException("No answer {$id}.");
    }

    /** The answer that a branch names; null when none has this title. */
    public function answerTitled(string $title): ?Answer
    {
        return $this->answersByTitle[$title] ?? null;
    }

    /** The attack that an answer was written for. */
    public function attackOf(Answer $answer): Attack
    {
        return $this->attack($answer->attack);
    }

    /** The same curriculum with other settings. */
    public function withSchool(School $school): self
    {
        return new self($school, $this->kinds, $this->ranks, $this->ladder, $this->attacks, $this->answers);
    }

    /**
     * The same school with other answers.
     *
     * @param list<Answer> $answers
     */
    public function withAnswers(array $answers): self
    {
        return new self($this->school, $this->kinds, $this->ranks, $this->ladder, $this->attacks, $answers);
    }

    /**
     * What those under 16 learn: what they need, by the rank that needs it for them; the answers that are for them,
     * from their rank and as they read for them; and the contact policy at their age.
     */
    public function forYouth(): self
    {
        $answers = [];
        foreach ($this->answers as $answer) {
            $rank = $answer->teaching->youthRank();
            if ($rank !== null) {
                $answers[] = $answer
                    ->introducedFrom($rank, $this->positions)
                    ->withBeats($answer->beats->readFor(true, $rank, $this->rank($rank)->name));
            }
        }
        $attacks = array_map(static fn (Attack $attack): Attack => $attack->forYouth(), $this->attacks);
        $school = $this->school->withPolicy(
            ContactPolicy::of($this->school, array_column($this->ranks, 'id'))->forYouth(),
        );

        return new self($school, $this->kinds, $this->ranks, $this->ladder, $attacks, $answers);
    }

    /** The same school with one answer introduced at another rank, each by its id. */
    public function withAnswerAt(string $answer, string $rank): self
    {
        return $this->withAnswers(
            array_map(
                fn (Answer $one): Answer => $one->id === $answer ? $one->introducedFrom($rank, $this->positions) : $one,
                $this->answers,
            ),
        );
    }
}
