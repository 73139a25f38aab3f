<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/** The wall counted by two aspects at once. */
final readonly class CrossTable
{
    /**
     * @param list<string>                        $down    values of the first aspect that occur, in order
     * @param list<string>                        $across  values of the second one
     * @param array<string, array<string, Tally>> $tallies by value of the first, then of the second aspect
     * @param array<string, Tally>                $downs   of a whole row, by value of the first aspect
     * @param array<string, Tally>                $acrosses of a whole column, by value of the second aspect
     */
    private function __construct(
        public array $down,
        public array $across,
        private array $tallies,
        private array $downs,
        private array $acrosses,
    ) {}

    /**
     * @param list<Cell>         $cells
     * @param list<Hole>         $holes
     * @param array<string, int> $order position by id of the rank
     */
    public static function of(array $cells, array $holes, array $order, Aspect $down, Aspect $across): self
    {
        $inCell = array_count_values(array_map(static fn (Hole $hole): string => $hole->cell->text ?? '', $holes));
        $tallies = $downs = $acrosses = [];
        foreach ($cells as $cell) {
            $facets = $cell->facets;
            [$row, $column] = [
                $down->valueOf($cell->attack->kind, $facets),
                $across->valueOf($cell->attack->kind, $facets),
            ];
            $count = $inCell[$cell->key->text] ?? 0;
            $tallies[$row][$column] = ($tallies[$row][$column] ?? new Tally())->with($cell, $order, $count);
            $downs[$row] = ($downs[$row] ?? new Tally())->with($cell, $order, $count);
            $acrosses[$column] = ($acrosses[$column] ?? new Tally())->with($cell, $order, $count);
        }

        return new self(
            array_values(array_filter($down->values(), static fn (string $value): bool => isset($downs[$value]))),
            array_values(array_filter($across->values(), static fn (string $value): bool => isset($acrosses[$value]))),
            $tallies,
            $downs,
            $acrosses,
        );
    }

    public function at(string $down, string $across): Tally
    {
        return $this->tallies[$down][$across] ?? new Tally();
    }

    public function row(string $down): Tally
    {
        return $this->downs[$down] ?? new Tally();
    }

    public function column(string $across): Tally
    {
        return $this->acrosses[$across] ?? new Tally();
    }
}
