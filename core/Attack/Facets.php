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

    public Hand $hand;

    public Bearing $bearing;

    public Phase $phase;

    public Intent $intent;

    public Thumb $thumb;

    public Entry $entry;

    public Posture $posture;

    public Notice $notice;

    public Place $place;

    public Others $others;

    public Build $build;

    /** @param array<string, string> $values id of the value, by facet */
    private function __construct(array $values)
    {
        $this->hand = Hand::from($values['hand']);
        $this->bearing = Bearing::hour((int) $values['bearing']);
        $this->phase = Phase::from($values['phase']);
        $this->intent = Intent::from($values['intent']);
        $this->thumb = Thumb::from($values['thumb'] ?? 'n/a');
        $this->entry = Entry::from($values['entry'] ?? 'step');
        $this->posture = Posture::from($values['posture'] ?? 'standing');
        $this->notice = Notice::from($values['notice'] ?? 'ready');
        $this->place = Place::from($values['place'] ?? 'open');
        $this->others = Others::from($values['others'] ?? 'alone');
        $this->build = Build::from($values['build'] ?? 'alike');
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
        return new self($values);
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
        return new self([
            ...$this->toArray(),
            'hand' => $this->hand->mirror()->value,
            'bearing' => $this->bearing->mirror()->toClock(),
        ]);
    }
}
