<?php

declare(strict_types=1);

namespace StoneDrill\Core\Answer;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Pattern;

/** A defence: beats that answer every attack that its pattern matches. */
final readonly class Answer
{
    private Pattern $mirrorPattern;

    /**
     * @param string                           $id      unique in its catalogue
     * @param string                           $label   the school's own number or letter for it, may be empty
     * @param string                           $attack  id of the attack it was written for
     * @param array<string, list<string>|null> $listed  what it says itself of its pattern, by facet or `kind`; null lifts one
     * @param Pattern                          $pattern what it answers
     * @param bool                             $mirrored whether both sides are taught
     * @param string                           $rank    id of the rank at which it is introduced
     * @param list<string>                     $faults  the usual mistakes
     * @param list<Waiver>                     $waived
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $label,
        public string $attack,
        public array $listed,
        public Pattern $pattern,
        public bool $mirrored,
        public string $rank,
        public ?ShortForm $short,
        public ?Doctrine $doctrine,
        public array $faults,
        public array $waived,
        public Beats $beats,
    ) {
        $this->mirrorPattern = $pattern->mirror();
    }

    /** Whether it is taught against an attack with these facets. */
    public function matches(Kind $kind, Facets $facets): bool
    {
        return $this->pattern->matches($kind, $facets)
            || ($this->mirrored && $this->matchesMirrored($kind, $facets));
    }

    /** Whether its mirror, taught or not, would answer an attack with these facets. */
    public function matchesMirrored(Kind $kind, Facets $facets): bool
    {
        return $this->mirrorPattern->matches($kind, $facets);
    }

    /** The same answer with other beats. */
    public function withBeats(Beats $beats): self
    {
        return new self($this->id, $this->title, $this->label, $this->attack, $this->listed, $this->pattern, $this->mirrored, $this->rank, $this->short, $this->doctrine, $this->faults, $this->waived, $beats);
    }

    /**
     * The same answer introduced at another rank. Its short form stays where it still comes earlier.
     *
     * @param string             $rank  id
     * @param array<string, int> $order position by id of the rank
     */
    public function introducedFrom(string $rank, array $order): self
    {
        $short = $this->short !== null && $order[$this->short->rank] < $order[$rank] ? $this->short : null;

        return new self($this->id, $this->title, $this->label, $this->attack, $this->listed, $this->pattern, $this->mirrored, $rank, $short, $this->doctrine, $this->faults, $this->waived, $this->beats);
    }

    /** What of it is taught at a rank: the whole from its own rank on, its short form before. */
    public function taughtAt(int $position, int $own): Beats
    {
        return $position >= $own || $this->short === null ? $this->beats : $this->beats->shortened($this->short->beats);
    }

    /** Whether it meets an attack as it is written, so that nothing of it is mirrored there. */
    public function meetsAsWritten(Kind $kind, Facets $facets): bool
    {
        return $this->pattern->matches($kind, $facets);
    }

    /**
     * Position of the lowest rank at which it is introduced, whole or in its short form.
     *
     * @param array<string, int> $order position by id of the rank
     */
    public function introducedAt(array $order): int
    {
        return min($order[$this->rank], $order[$this->short->rank ?? $this->rank]);
    }
}
