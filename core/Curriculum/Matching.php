<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Pattern;

/** Which attacks an answer is for, and whether its other side is taught. */
final readonly class Matching
{
    private Pattern $mirror;

    /** Every bit that the pattern or, where it is taught, its mirror allows: most attacks are ruled out by it alone. */
    private int $either;

    /**
     * @param array<string, list<string>|null> $listed   what the answer itself says of its pattern, by facet or `kind`;
     *     null
     *                                                   lifts one
     * @param Pattern                          $pattern  what it answers
     * @param bool                             $mirrored whether both sides are taught
     */
    private function __construct(public array $listed, public Pattern $pattern, public bool $mirrored)
    {
        $this->mirror = $pattern->mirror();
        $this->either = $pattern->mask | ($mirrored ? $this->mirror->mask : 0);
    }

    /**
     * What an answer to this attack is for: what is proposed for it, with what the answer itself says in its place.
     *
     * @param array<string, list<string>|null> $listed by facet or `kind`
     */
    public static function of(Attack $attack, array $listed = [], bool $mirrored = false): self
    {
        return new self($listed, Pattern::proposedFor($attack)->replace($listed), $mirrored);
    }

    /** Whether it is taught against an attack with these facets, as written or mirrored. */
    public function covers(Kind $kind, Facets $facets): bool
    {
        return ($facets->bits & ~$this->either) === 0
            && ($this->coversAsWritten($kind, $facets) || ($this->mirrored && $this->coversMirrored($kind, $facets)));
    }

    /** Whether it meets an attack as it is written, so that nothing of it is mirrored there. */
    public function coversAsWritten(Kind $kind, Facets $facets): bool
    {
        return $this->pattern->matches($kind, $facets);
    }

    /** Whether its mirror, taught or not, would answer an attack with these facets. */
    public function coversMirrored(Kind $kind, Facets $facets): bool
    {
        return $this->mirror->matches($kind, $facets);
    }
}
