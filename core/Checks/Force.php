<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Threat;
use StoneDrill\Core\Text;

/** More force than the attack calls for. */
final readonly class Force implements Check
{
    /** What a threat allows. */
    private const THREAT = 1;

    public function rule(): Rule
    {
        return new Rule(CheckId::Force, Severity::Note);
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
            yield $this->rule()->at($worst[0], [
                'hazard' => $worst[1]->text(),
                'level' => $worst[1]->level(),
                'intent' => Text::of("attack.intents.{$trial->facets->intent->value}"),
                'allowed' => $allowed,
            ]);
        }
    }
}
