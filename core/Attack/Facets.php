<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

use StoneDrill\Core\Geometry\Bearing;

/**
 * The facet values of one attack. Feasibility is not checked here: see {@see Feasibility}.
 */
final readonly class Facets
{
    /** The facet bits of this attack, one for each facet, as {@see Pattern} reads them. */
    public int $bits;

    public function __construct(
        public Hand $hand,
        public Bearing $bearing,
        public Phase $phase,
        public Intent $intent,
        public Thumb $thumb = Thumb::NotApplicable,
        public Entry $entry = Entry::Step,
        public Posture $posture = Posture::Standing,
        public Notice $notice = Notice::Ready,
        public Place $place = Place::Open,
        public Others $others = Others::Alone,
        public Build $build = Build::Alike,
    ) {
        $bits = 0;
        foreach (Facet::cases() as $facet) {
            $bits |= $facet->bit($this->value($facet));
        }
        $this->bits = $bits;
    }

    /**
     * Facets from their ids in the open file; what has a default may be left out.
     *
     * @param array<string, string> $values id of the value, by facet; every value must be one of its facet's
     */
    public static function of(array $values): self
    {
        return new self(
            Hand::from($values['hand']),
            Bearing::hour((int) $values['bearing']),
            Phase::from($values['phase']),
            Intent::from($values['intent']),
            Thumb::from($values['thumb'] ?? 'n/a'),
            Entry::from($values['entry'] ?? 'step'),
            Posture::from($values['posture'] ?? 'standing'),
            Notice::from($values['notice'] ?? 'ready'),
            Place::from($values['place'] ?? 'open'),
            Others::from($values['others'] ?? 'alone'),
            Build::from($values['build'] ?? 'alike'),
        );
    }

    public function value(Facet $facet): string
    {
        return $facet === Facet::Bearing ? $this->bearing->toClock() : $this->{$facet->value}->value;
    }

    /** @return array<string, string> id of the value, by facet, in the order of the facets */
    public function toArray(): array
    {
        $values = [];
        foreach (Facet::cases() as $facet) {
            $values[$facet->value] = $this->value($facet);
        }

        return $values;
    }

    /** The same attack from the other side: left and right hand swapped, the bearing reflected, the thumb kept. */
    public function mirror(): self
    {
        return new self($this->hand->mirror(), $this->bearing->mirror(), $this->phase, $this->intent, $this->thumb, $this->entry, $this->posture, $this->notice, $this->place, $this->others, $this->build);
    }
}
