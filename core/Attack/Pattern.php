<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/**
 * What attacks an answer is for: a set of allowed kinds and a set of allowed values for each facet.
 */
final readonly class Pattern
{
    /** Facets whose proposed value is the attack's own. */
    private const KEPT = [Facet::Hand, Facet::Thumb, Facet::Phase, Facet::Posture];

    /**
     * @param list<string>|null           $kinds  ids of the kinds, null for any
     * @param array<string, list<string>> $values ids of the allowed values, by facet; a facet not named is any
     * @param int                         $mask   the bits of all allowed values
     */
    private function __construct(public ?array $kinds, public array $values, public int $mask) {}

    /**
     * A pattern from its parts.
     *
     * @param list<string>|null           $kinds  ids of the kinds, null for any
     * @param array<string, list<string>> $values ids of the allowed values, by facet; a facet not named is any
     */
    public static function of(?array $kinds, array $values): self
    {
        $mask = 0;
        $kept = [];
        foreach (Facet::cases() as $facet) {
            $allowed = $values[$facet->value] ?? null;
            if ($allowed === null) {
                $mask |= $facet->mask();

                continue;
            }
            $kept[$facet->value] = $allowed;
            foreach ($allowed as $value) {
                $mask |= $facet->bit($value);
            }
        }

        return new self($kinds, $kept, $mask);
    }

    /**
     * What an answer to this attack is taken to be for, unless it says otherwise: the same kind, hand, thumb, phase and
     * posture, the bearing within an hour either way, the rest any.
     */
    public static function proposedFor(Attack $attack): self
    {
        $values = [];
        foreach (self::KEPT as $facet) {
            $values[$facet->value] = [$attack->facets->value($facet)];
        }
        $values[Facet::Bearing->value] = self::around((int) $attack->facets->bearing->toClock());

        return self::of([$attack->kind->id], $values);
    }

    /**
     * The proposal with what an answer says itself in its place.
     *
     * @param array<string, list<string>|null> $listed allowed ids by facet or `kind`; null lifts it
     */
    public function replace(array $listed): self
    {
        $kinds = array_key_exists('kind', $listed) ? $listed['kind'] : $this->kinds;
        unset($listed['kind']);

        return self::of(
            $kinds,
            array_filter([...$this->values, ...$listed], static fn (?array $allowed): bool => $allowed !== null),
        );
    }

    public function matches(Kind $kind, Facets $facets): bool
    {
        return ($facets->bits & ~$this->mask) === 0
            && ($this->kinds === null || in_array($kind->id, $this->kinds, true));
    }

    /**
     * The facets, `kind` among them, in which an attack is not what it matches.
     *
     * @return list<string>
     */
    public function misses(Kind $kind, Facets $facets): array
    {
        $misses = $this->kinds === null || in_array($kind->id, $this->kinds, true) ? [] : ['kind'];
        foreach ($this->values as $facet => $allowed) {
            if (! in_array($facets->value(Facet::from($facet)), $allowed, true)) {
                $misses[] = $facet;
            }
        }

        return $misses;
    }

    /** The same with one value more allowed in one facet, or one kind more. */
    public function widened(string $facet, string $value): self
    {
        return $facet === 'kind'
            ? self::of($this->kinds === null ? null : [...$this->kinds, $value], $this->values)
            : self::of($this->kinds, [...$this->values, $facet => [...$this->values[$facet] ?? [], $value]]);
    }

    /** The pattern that matches the mirror of an attack exactly when this one matches the attack. */
    public function mirror(): self
    {
        $values = $this->values;
        if (isset($values['hand'])) {
            $values['hand'] = array_map(
                static fn (string $hand): string => Hand::from($hand)->mirror()->value,
                $values['hand'],
            );
        }
        if (isset($values['bearing'])) {
            $values['bearing'] = array_map(
                static fn (string $hour): string => (string) (12 - ((int) $hour % 12)),
                $values['bearing'],
            );
        }

        return self::of($this->kinds, $values);
    }

    /** @return list<string> the hour and the ones before and after it */
    private static function around(int $hour): array
    {
        return array_map(static fn (int $turn): string => (string) ((($hour + $turn + 11) % 12) + 1), [-1, 0, 1]);
    }
}
