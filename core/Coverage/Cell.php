<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\CellKey;

/** One side of one attack, the answers that are taught to it, and the rank from which one of them works. */
final readonly class Cell
{
    /** The facets of the attack on this side. */
    public Facets $facets;

    public CellKey $key;

    /**
     * @param list<string>       $answers   ids of the answers that are taught to it, by the rank they come with
     * @param array<string, int> $worksFrom position of the rank from which one of them works, by its id; what does not
     *     work left out
     * @param ?string            $taughtAt  id of the lowest rank at which one of them is introduced
     * @param ?string            $laidAt    the same of those that work
     */
    public function __construct(
        public Attack $attack,
        public Side $side,
        public array $answers,
        public array $worksFrom,
        public ?string $taughtAt,
        public ?string $laidAt,
    ) {
        $this->facets = $attack->on($side);
        $this->key = CellKey::of($attack, $side);
    }

    /** What the cell counts for: the attack's prevalence, shared among its sides. */
    public function weight(): float
    {
        return $this->attack->prevalence / ($this->attack->isSymmetric() ? 1 : 2);
    }

    /** @return list<string> ids of the answers that work by a rank, the first taught first */
    public function workingBy(int $position): array
    {
        return array_values(
            array_filter(
                $this->answers,
                fn (string $id): bool => isset($this->worksFrom[$id]) && $this->worksFrom[$id] <= $position,
            ),
        );
    }

    /**
     * Whether it is laid by the rank that needs it.
     *
     * @param array<string, int> $order position by id of the rank
     */
    public function isInTime(array $order): bool
    {
        return $this->isBy($this->laidAt, $order);
    }

    /**
     * Whether something is taught to it by the rank that needs it, whether it works or not.
     *
     * @param array<string, int> $order position by id of the rank
     */
    public function isTaughtInTime(array $order): bool
    {
        return $this->isBy($this->taughtAt, $order);
    }

    /** @param array<string, int> $order */
    private function isBy(?string $rank, array $order): bool
    {
        return $rank !== null
            && $this->attack->need->rank !== null
            && $order[$rank] <= $order[$this->attack->need->rank];
    }
}
