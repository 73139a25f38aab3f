<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Pressure\Timing;

/** No time for the first beat. */
final readonly class SlowStart implements Check
{
    public function rule(): Rule
    {
        return new Rule('slow-start', Severity::Warn, 'time to spare before the first beat is done is below 0');
    }

    public function find(Trial $trial): iterable
    {
        $first = $trial->run->mainLine[0] ?? null;
        $arrival = Timing::arrival($trial->attack->kind, $trial->facets);
        if ($first === null || $first->beat === null || $arrival === null) {
            return;
        }
        $bits = $trial->standards->familyBits($trial->answer->rank);
        $spare = Timing::spare($arrival, $bits, $first->beat->seconds(), $trial->rung);
        if ($spare < -1e-9) {
            yield $this->rule()->at($first, sprintf(
                'The first beat is done %.2f s after the attack arrives (arrival %.2f s, reaction %.2f s, beat %.2f s).',
                -$spare,
                $arrival / ($trial->rung->pace ?? 1.0),
                Timing::reaction($bits, $trial->rung),
                $first->beat->seconds() / ($trial->rung->pace ?? 1.0),
            ), sprintf('Begin with something quicker, or see it coming %.1f m farther away.', Timing::warning($spare, $trial->rung)));
        }
    }
}
