<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/** A part of the wall: the cells that have certain values in certain aspects. */
final readonly class Selection
{
    /** @param array<string, string> $values by id of the aspect; one that is not named is any */
    private function __construct(public array $values) {}

    /**
     * What can be read of it; an aspect or a value that is not there is left out.
     *
     * @param array<array-key, mixed> $values by id of the aspect
     */
    public static function of(array $values): self
    {
        $known = [];
        foreach (Aspect::all() as $aspect) {
            $value = $values[$aspect->id] ?? null;
            if (is_string($value) && in_array($value, $aspect->values(), true)) {
                $known[$aspect->id] = $value;
            }
        }

        return new self($known);
    }

    public function isEverything(): bool
    {
        return $this->values === [];
    }

    /** Whether a cell has these values on its side. */
    public function has(Cell $cell): bool
    {
        foreach (Aspect::all() as $aspect) {
            $value = $this->values[$aspect->id] ?? null;
            if ($value !== null && $aspect->valueOf($cell->attack->kind, $cell->facets) !== $value) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<Cell> $cells
     *
     * @return list<Cell>
     */
    public function among(array $cells): array
    {
        return $this->isEverything() ? $cells : array_values(array_filter($cells, $this->has(...)));
    }
}
