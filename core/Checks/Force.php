<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Text;

/** More force than the attack calls for. */
final readonly class Force implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::Force, Severity::Note);
    }

    public function find(Trial $trial): iterable
    {
        $force = $trial->standards->school->asks->force;
        $allowed = $force->allows($trial->attack->kind, $trial->facets->intent);
        $worst = null;
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->beat === null ? [] : Hazards::ofBeat($frame->beat) as $hazard) {
                if ($force->of($hazard) > max($allowed, $worst === null ? 0 : $force->of($worst[1]))) {
                    $worst = [$frame, $hazard];
                }
            }
        }
        if ($worst !== null) {
            yield $this->rule()->at($worst[0], [
                'hazard' => $worst[1]->text(),
                'level' => $force->of($worst[1]),
                'intent' => Text::of("attack.intents.{$trial->facets->intent->value}"),
                'allowed' => $allowed,
            ]);
        }
    }
}
