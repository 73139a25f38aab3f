<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\CellKey;

/** One side of one attack, and the rank that first answers it. */
final readonly class Cell
{
    /** The facets of the attack on this side. */
    public Facets $facets;

    public CellKey $key;

    /**
     * @param list<string> $answers ids of the answers that lay it, by the rank they come with
     * @param ?string      $laidAt  id of the lowest rank at which one of them is introduced
     */
    public function __construct(public Attack $attack, public Side $side, public array $answers, public ?string $laidAt)
    {
        $this->facets = $attack->on($side);
        $this->key = CellKey::of($attack, $side);
    }

    /** What the cell counts for: the attack's prevalence, shared among its sides. */
    public function weight(): float
    {
        return $this->attack->prevalence / ($this->attack->isSymmetric() ? 1 : 2);
    }

    /**
     * Whether it is laid by the rank that needs it.
     *
     * @param array<string, int> $order position by id of the rank
     */
    public function isInTime(array $order): bool
    {
        return $this->laidAt !== null && $this->attack->need->rank !== null && $order[$this->laidAt] <= $order[$this->attack->need->rank];
    }
}
