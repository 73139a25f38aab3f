<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Technique\Beats;

/** A defence: beats that answer every attack that its pattern matches. */
final readonly class Answer
{
    /**
     * @param string $id     unique in its catalogue
     * @param string $label  the school's own number or letter for it, may be empty
     * @param string $attack id of the attack it was written for
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $label,
        public string $attack,
        public Matching $matching,
        public Teaching $teaching,
        public Beats $beats,
    ) {}

    /** The same answer with other beats. */
    public function withBeats(Beats $beats): self
    {
        return new self($this->id, $this->title, $this->label, $this->attack, $this->matching, $this->teaching, $beats);
    }

    /** The same answer for other attacks. */
    public function withMatching(Matching $matching): self
    {
        return new self($this->id, $this->title, $this->label, $this->attack, $matching, $this->teaching, $this->beats);
    }

    /**
     * The same answer introduced at another rank. Its short form stays where it still comes earlier.
     *
     * @param string             $rank  id
     * @param array<string, int> $order position by id of the rank
     */
    public function introducedFrom(string $rank, array $order): self
    {
        return new self(
            $this->id,
            $this->title,
            $this->label,
            $this->attack,
            $this->matching,
            $this->teaching->from($rank, $order),
            $this->beats,
        );
    }

    /**
     * Position of the lowest rank at which it is introduced, whole or in its short form.
     *
     * @param array<string, int> $order position by id of the rank
     */
    public function introducedAt(array $order): int
    {
        return $this->teaching->introducedAt($order);
    }

    /**
     * Its beats as those of a rank are taught them: the whole from its own rank on, its short form before, and as they
     * read there.
     *
     * @param array<string, int> $order position by id of the rank
     */
    public function beatsFor(Rank $rank, array $order): Beats
    {
        return $this->teaching
            ->taughtAt($this->beats, $order[$rank->id], $order[$this->teaching->rank])
            ->readFor(false, $rank->id, $rank->name);
    }
}
