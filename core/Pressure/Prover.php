<?php

declare(strict_types=1);

namespace StoneDrill\Core\Pressure;

use DateInterval;
use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;

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
     * @return list<Proof> by student and attack as they first appear, then side, then rung
     */
    public function prove(array $reps, array $attacks, DateTimeImmutable $at): array
    {
        $byId = array_column($attacks, null, 'id');
        $replaced = self::replaced($reps);
        $groups = [];
        foreach ($reps as $rep) {
            if ($rep->counts() && ! isset($replaced[$rep->id]) && $rep->at <= $at) {
                $groups[$rep->student][$rep->attack][$byId[$rep->attack]->side($rep->side)->value][] = $rep;
            }
        }
        $proofs = [];
        foreach ($groups as $ofStudent) {
            foreach ($ofStudent as $attack => $bySide) {
                foreach ($byId[$attack]->sides() as $side) {
                    $group = $bySide[$side->value] ?? [];
                    foreach ($group === [] ? [] : $this->rungs($group, $at) as [$rung, $evidence, $state, $fades]) {
                        $proofs[] = new Proof($group[0]->student, $group[0]->attack, $side, $rung, $evidence->weight(), $evidence->lower(), $state, $fades);
                    }
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
            if ($rep->replaces !== null) {
                $replaced[$rep->replaces] = true;
            }
        }

        return $replaced;
    }

    /**
     * @param non-empty-list<Rep> $reps counted reps of one student against one side of one attack, none after the date
     *
     * @return list<array{int, Evidence, ProofState, ?DateTimeImmutable}>
     */
    private function rungs(array $reps, DateTimeImmutable $at): array
    {
        usort($reps, static fn (Rep $a, Rep $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);
        $tries = array_map(Window::try(...), $reps);
        $proofs = [];
        foreach ($this->ladder->ids() as $rung) {
            $evidence = $this->evidence($tries, count($tries) - 1, $rung, $at->getTimestamp());
            if ($evidence->weight() > 0) {
                $state = ProofState::of($evidence, fn (): bool => $this->everHeld($tries, $rung));
                $proofs[] = [$rung, $evidence, $state, $state === ProofState::Holds ? $this->fadesOn($evidence, $at) : null];
            }
        }

        return $proofs;
    }

    /** @param non-empty-list<array{int, int, float}> $tries in order of time */
    private function everHeld(array $tries, int $rung): bool
    {
        for ($last = count($tries) - 1; $last >= 0; $last--) {
            if ($this->evidence($tries, $last, $rung, $tries[$last][0])->holds()) {
                return true;
            }
        }

        return false;
    }

    /**
     * What the window up to one of the tries weighs for a rung.
     *
     * @param non-empty-list<array{int, int, float}> $tries in order of time
     */
    private function evidence(array $tries, int $last, int $rung, int $at): Evidence
    {
        return Evidence::of(array_slice($tries, max(0, $last - $this->rules->window + 1), min($this->rules->window, $last + 1)), $rung, $at, $this->rules);
    }

    private function fadesOn(Evidence $evidence, DateTimeImmutable $at): DateTimeImmutable
    {
        return $at->add(new DateInterval(sprintf('P%dD', $evidence->daysUntilFaded($this->rules->halfLife))));
    }
}
