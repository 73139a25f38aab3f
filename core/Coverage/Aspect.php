<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Kind;

/** A property by which attacks are told apart: the family of the kind, or one of the facets. */
final readonly class Aspect
{
    public const FAMILY = 'family';

    /** @param ?Facet $facet null for the family */
    private function __construct(public string $id, private ?Facet $facet) {}

    /** The aspect of that id, or null when there is none. */
    public static function tryFrom(string $id): ?self
    {
        $facet = Facet::tryFrom($id);

        return $facet === null && $id !== self::FAMILY ? null : new self($id, $facet);
    }

    /** @return list<self> the family first */
    public static function all(): array
    {
        return [
            new self(self::FAMILY, null),
            ...array_map(static fn (Facet $facet): self => new self($facet->value, $facet), Facet::cases()),
        ];
    }

    /** @return list<string> in order */
    public function values(): array
    {
        return $this->facet === null
            ? array_map(static fn (Family $family): string => $family->value, Family::cases())
            : $this->facet->values();
    }

    public function valueOf(Kind $kind, Facets $facets): string
    {
        return $this->facet === null ? $kind->family->value : $facets->value($this->facet);
    }
}
