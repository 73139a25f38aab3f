<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

use StoneDrill\Core\Text;

/**
 * One concrete situation to train, in the form in which it is written down.
 */
final readonly class Attack
{
    /** The facets as they are on its other side. */
    private Facets $mirrored;

    private bool $isSymmetric;

    /**
     * @param string  $id            unique in its catalogue
     * @param int     $prevalence    how often it is met, 1 to 5
     */
    public function __construct(
        public string $id,
        public string $title,
        public Kind $kind,
        public Facets $facets,
        public Need $need,
        public int $prevalence = 3,
        public Briefing $briefing = new Briefing(),
    ) {
        $this->mirrored = $facets->mirror();
        $this->isSymmetric = $facets->bits === $this->mirrored->bits;
    }

    /** The same with the need of those under 16. */
    public function forYouth(): self
    {
        return $this->neededBy(new Need($this->need->youth, $this->need->youth, $this->need->isCritical));
    }

    /** The same needed by others. */
    public function neededBy(Need $need): self
    {
        return new self($this->id, $this->title, $this->kind, $this->facets, $need, $this->prevalence, $this->briefing);
    }

    /**
     * What can hurt a partner: what its kind says, and what is said of it alone.
     *
     * @return list<Text>
     */
    public function allCautions(): array
    {
        return [...$this->kind->cautions(), ...array_map(Text::plain(...), $this->briefing->cautions)];
    }

    /** Whether mirroring changes neither the hand nor the bearing. */
    public function isSymmetric(): bool
    {
        return $this->isSymmetric;
    }

    /** @return non-empty-list<Side> the sides that are different from each other */
    public function sides(): array
    {
        return $this->isSymmetric ? [Side::Written] : [Side::Written, Side::Mirrored];
    }

    /** The side that a named one means for this attack: a symmetric attack has only the written one. */
    public function side(Side $side): Side
    {
        return $this->isSymmetric() ? Side::Written : $side;
    }

    /** The facets as they are on one of its sides. */
    public function on(Side $side): Facets
    {
        return $side === Side::Written ? $this->facets : $this->mirrored;
    }
}
