<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Rung;

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
        $late = self::late(
            $trial->standards,
            $trial->answer->teaching->rank,
            $arrival,
            $first->beat->seconds(),
            $trial->timedAt(),
        );
        if ($late !== null) {
            yield $this->rule()->at($first, $late);
        }
    }

    /**
     * The figures by which a first beat comes too late at a rung; null where it does not.
     *
     * @param string $rank    id of the one at which the answer is introduced
     * @param float  $arrival seconds at full pace
     * @param float  $beat    seconds at full pace
     *
     * @return array<string, string>|null as the sentence of the check takes them
     */
    public static function late(Standards $standards, string $rank, float $arrival, float $beat, Rung $rung): ?array
    {
        $reaction = $standards->school->asks->reaction;
        $bits = $standards->familyBits($rank);
        $spare = Timing::spare($arrival, $reaction, $bits, $beat, $rung);

        return $spare < -1e-9
            ? [
                'late' => Figures::apart(-$spare, 0.0, 2)[0],
                'arrival' => Figures::decimals($arrival / $rung->pace, 2),
                'reaction' => Figures::decimals($reaction->seconds($bits, $rung), 2),
                'beat' => Figures::decimals($beat / $rung->pace, 2),
                'metres' => Figures::decimals(Timing::warning($spare, $rung), 1),
            ]
            : null;
    }
}
