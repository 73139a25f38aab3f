<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\PolicyLevel;

/** What the school does not teach yet. */
final readonly class Policy implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::Policy, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        $rank = $trial->answer->teaching->rank;
        $barred = [];
        foreach ($trial->run->frames as $frame) {
            $hazards = $frame->beat === null ? [] : Hazards::ofBeat($frame->beat);
            foreach (
                $frame->number === '1' ? [...Hazards::ofAttack($trial->attack->kind), ...$hazards] : $hazards as $hazard
            ) {
                if (
                    ! isset($barred[$frame->number][$hazard->value])
                    && $trial->standards->policy->level($hazard, $rank) === PolicyLevel::NotTaught
                ) {
                    $barred[$frame->number][$hazard->value] = true;
                    yield $this->rule()->at($frame, [
                        'hazard' => $hazard->text(),
                        'rank' => $trial->standards->rank($rank)->name,
                    ]);
                }
            }
        }
    }
}
