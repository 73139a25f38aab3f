<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Floor\Threat;

/** More force than the attack calls for. */
final readonly class Force implements Check
{
    /** What a threat allows. */
    private const THREAT = 1;

    public function rule(): Rule
    {
        return new Rule('force', Severity::Note, 'the highest hazard is more than the attack’s intent allows');
    }

    public function find(Trial $trial): iterable
    {
        $allowed = $trial->attack->kind->family === Family::Threat ? self::THREAT : $trial->facets->intent->allows();
        $worst = null;
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->beat === null ? [] : Hazards::ofBeat($frame->beat) as $hazard) {
                if ($hazard->level() > $allowed && ($worst === null || $hazard->level() > $worst[1]->level())) {
                    $worst = [$frame, $hazard];
                }
            }
        }
        if ($worst !== null) {
            yield $this->rule()->at($worst[0], sprintf('%s (level %d) is more than an attack to %s calls for (level %d). The law of the place decides.', ucfirst($worst[1]->words()), $worst[1]->level(), $trial->facets->intent->value, $allowed), 'Take a target or a control with less hazard.');
        }
    }
}
