<?php

declare(strict_types=1);

namespace App\Wall;

use Carbon\CarbonImmutable;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Rank;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Pressure\Proof;
use StoneDrill\Core\Pressure\ProofState;
use StoneDrill\Core\Pressure\Prover;
use StoneDrill\Core\Pressure\Rep;

/** What one student has proven at the goal rung of each rank: the lower bound. */
final readonly class StudentMoss implements Moss
{
    /** @var array<string, Proof> by `attack side rung` */
    private array $proofs;

    /** @param list<Rep> $reps hers */
    public function __construct(private string $name, Catalogue $catalogue, array $reps, CarbonImmutable $at)
    {
        $proofs = [];
        foreach ((new Prover($catalogue->ladder))->prove($reps, $catalogue->attacks, $at) as $proof) {
            $proofs["{$proof->attack} {$proof->side->value} {$proof->rung}"] = $proof;
        }
        $this->proofs = $proofs;
    }

    public function share(Cell $cell, Rank $rank): ?float
    {
        return $this->proof($cell, $rank)?->lower;
    }

    public function says(Cell $cell, Rank $rank): string
    {
        $proof = $this->proof($cell, $rank);

        return $proof === null
            ? sprintf('%s has not tried it at rung %d.', $this->name, $rank->goalRung)
            : sprintf('%s at rung %d: %s, lower bound %.0f %%%s.', $this->name, $rank->goalRung, $proof->state->value, 100 * $proof->lower, $proof->state === ProofState::Holds && $proof->fadesOn !== null ? ', fades on '.$proof->fadesOn->format('j M') : '');
    }

    private function proof(Cell $cell, Rank $rank): ?Proof
    {
        return $this->proofs["{$cell->attack->id} {$cell->side->value} {$rank->goalRung}"] ?? null;
    }
}
