<?php

declare(strict_types=1);

namespace StoneDrill\Core\Pressure;

use DateInterval;
use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;

/** Reads proof out of reps. */
final readonly class Prover
{
    private const DAY = 86_400;

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
        $last = count($reps) - 1;
        $proofs = [];
        foreach ($this->ladder->ids() as $rung) {
            $evidence = $this->evidence($reps, $last, $rung, $at);
            if ($evidence->weight() > 0) {
                $state = $this->state($evidence, $reps, $rung);
                $proofs[] = [$rung, $evidence, $state, $state === ProofState::Holds ? $this->fadesOn($evidence, $at) : null];
            }
        }

        return $proofs;
    }

    /** @param non-empty-list<Rep> $reps in order of time */
    private function state(Evidence $evidence, array $reps, int $rung): ProofState
    {
        return match (true) {
            $evidence->holds() => ProofState::Holds,
            $evidence->fails() => ProofState::Failing,
            $this->everHeld($reps, $rung) => ProofState::Faded,
            default => ProofState::Building,
        };
    }

    /** @param non-empty-list<Rep> $reps in order of time */
    private function everHeld(array $reps, int $rung): bool
    {
        for ($last = count($reps) - 1; $last >= 0; $last--) {
            if ($this->evidence($reps, $last, $rung, $reps[$last]->at)->holds()) {
                return true;
            }
        }

        return false;
    }

    /**
     * What the window of reps up to one of them weighs for a rung: success counts there and below, failure there and
     * above.
     *
     * @param non-empty-list<Rep> $reps in order of time
     */
    private function evidence(array $reps, int $last, int $rung, DateTimeImmutable $at): Evidence
    {
        $success = $failure = 0.0;
        for ($i = max(0, $last - $this->rules->window + 1); $i <= $last; $i++) {
            $days = intdiv($at->getTimestamp() - $reps[$i]->at->getTimestamp(), self::DAY);
            $weight = 2 ** (-$days / $this->rules->halfLife);
            $credit = $reps[$i]->outcome->credit() ?? 0.0;
            $success += $reps[$i]->rung >= $rung ? $weight * $credit : 0.0;
            $failure += $reps[$i]->rung <= $rung ? $weight * (1 - $credit) : 0.0;
        }

        return new Evidence($success, $failure);
    }

    private function fadesOn(Evidence $evidence, DateTimeImmutable $at): DateTimeImmutable
    {
        return $at->add(new DateInterval(sprintf('P%dD', $evidence->daysUntilFaded($this->rules->halfLife))));
    }
}
