<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Ladder;

/** What is kept of many reps. */
final class Windows
{
    /**
     * @param list<Rep>    $reps    in any order
     * @param list<Attack> $attacks those the reps are of
     *
     * @return array<string, array<string, Window>> by student, then the cell's key
     */
    public static function of(
        array $reps,
        array $attacks,
        Ladder $ladder,
        DateTimeImmutable $at,
        ProofRules $rules = new ProofRules(),
    ): array {
        $byId = array_column($attacks, null, 'id');
        $replaced = Prover::replaced($reps);
        $groups = [];
        foreach ($reps as $rep) {
            if (! isset($replaced[$rep->id]) && $rep->at <= $at) {
                $groups[$rep->student][
                    CellKey::of($byId[$rep->attack], $byId[$rep->attack]->side($rep->side))->text
                ][] = $rep;
            }
        }

        return array_map(
            static fn (array $ofStudent): array => array_map(
                static fn (array $group): Window => Window::of($group, $ladder, $rules),
                $ofStudent,
            ),
            $groups,
        );
    }
}
