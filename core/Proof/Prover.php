<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Ladder;

/** Reads proof out of reps. */
final readonly class Prover
{
    public function __construct(private Ladder $ladder, private ProofRules $rules = new ProofRules()) {}

    /**
     * Everything the reps prove, for each student, attack, side and rung of which they say anything at all.
     *
     * A rep that another one replaces is left out, even where the correction itself is later than the date: what is
     * known to be wrong is not read.
     *
     * @param list<Rep>    $reps    in any order
     * @param list<Attack> $attacks those the reps are of
     *
     * @return list<Proof> by student as they first appear, then attack, side and rung
     */
    public function prove(array $reps, array $attacks, DateTimeImmutable $at): array
    {
        $proofs = [];
        foreach (Windows::of($reps, $attacks, $this->ladder, $at, $this->rules) as $student => $ofStudent) {
            foreach ($attacks as $attack) {
                foreach ($attack->sides() as $side) {
                    $window = $ofStudent[CellKey::of($attack, $side)->text] ?? Window::empty();
                    array_push($proofs, ...$this->rungs((string) $student, $attack->id, $side, $window, $at));
                }
            }
        }

        return $proofs;
    }

    /**
     * The ids of the reps that another one stands in for.
     *
     * @param list<Rep> $reps
     *
     * @return array<string, true>
     */
    public static function replaced(array $reps): array
    {
        $replaced = [];
        foreach ($reps as $rep) {
            if ($rep->details->replaces !== null) {
                $replaced[$rep->details->replaces] = true;
            }
        }

        return $replaced;
    }

    /** @return list<Proof> of every rung of which the window says anything at all */
    private function rungs(string $student, string $attack, Side $side, Window $window, DateTimeImmutable $at): array
    {
        $proofs = [];
        foreach ($this->ladder->ids() as $rung) {
            $evidence = $window->evidence($rung, $at);
            if ($evidence->weight() > 0) {
                $proofs[] = new Proof(
                    $student,
                    $attack,
                    $side,
                    $rung,
                    $evidence->weight(),
                    $evidence->lower(),
                    $window->state($rung, $at),
                    $window->fadesOn($rung, $at),
                );
            }
        }

        return $proofs;
    }
}
