<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Attack\Facet;

/**
 * The values of facets that a school looks for: what lies outside is never told as missing from the catalogue. An
 * attack may have it all the same.
 */
final readonly class FacetScope
{
    /** @param array<string, list<string>> $values by facet; a facet that is not named has all its values */
    public function __construct(public array $values = []) {}

    public function has(Facet $facet, string $value): bool
    {
        return in_array($value, $this->values[$facet->value] ?? [$value], true);
    }

    /**
     * @param list<string> $values
     *
     * @return list<string> those that are looked for
     */
    public function within(Facet $facet, array $values): array
    {
        return array_values(array_filter($values, fn (string $value): bool => $this->has($facet, $value)));
    }
}
