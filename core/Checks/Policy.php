<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Catalogue\PolicyLevel;

/** What the school does not teach yet. */
final readonly class Policy implements Check
{
    public function rule(): Rule
    {
        return new Rule('policy', Severity::Stop, 'a hazard that the contact policy does not teach at that rank and age');
    }

    public function find(Trial $trial): iterable
    {
        $rank = $trial->answer->rank;
        $barred = [];
        foreach ($trial->run->frames as $frame) {
            $hazards = $frame->beat === null ? [] : Hazards::ofBeat($frame->beat);
            foreach ($frame->number === '1' ? [...Hazards::ofAttack($trial->attack->kind), ...$hazards] : $hazards as $hazard) {
                if (! isset($barred[$frame->number][$hazard->value]) && $trial->standards->policy->level($hazard, $rank) === PolicyLevel::NotTaught) {
                    $barred[$frame->number][$hazard->value] = true;
                    yield $this->rule()->at($frame, sprintf('The contact policy does not teach %s at %s.', $hazard->words(), $trial->standards->rank($rank)->name), 'Take another target or control, or introduce the answer at a later rank.');
                }
            }
        }
    }
}
