<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** No time for the first beat. */
final readonly class SlowStart implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::SlowStart, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        $first = $trial->run->mainLine[0] ?? null;
        $arrival = Timing::arrival($trial->attack->kind, $trial->facets);
        if ($first === null || $first->beat === null || $arrival === null) {
            return;
        }
        $reaction = $trial->standards->school->reaction;
        $bits = $trial->standards->familyBits($trial->answer->teaching->rank);
        $spare = Timing::spare($arrival, $reaction, $bits, $first->beat->seconds(), $trial->timedAt());
        if ($spare < -1e-9) {
            $pace = $trial->timedAt()->pace;
            yield $this->rule()->at($first, [
                'late' => Figures::apart(-$spare, 0.0, 2)[0],
                'arrival' => Figures::decimals($arrival / $pace, 2),
                'reaction' => Figures::decimals($reaction->seconds($bits, $trial->timedAt()), 2),
                'beat' => Figures::decimals($first->beat->seconds() / $pace, 2),
                'metres' => Figures::decimals(Timing::warning($spare, $trial->timedAt()), 1),
            ]);
        }
    }
}
