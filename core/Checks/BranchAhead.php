<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** Running on into what is not known yet. */
final readonly class BranchAhead implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::BranchAhead, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        $own = $trial->standards->position($trial->answer->teaching->rank);
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->beat->branches ?? [] as $branch) {
                $other = $branch->goesTo() === null ? null : $trial->standards->answerTitled($branch->goesTo()->title);
                if ($other !== null && $trial->standards->position($other->teaching->rank) > $own) {
                    yield $this->rule()->at($frame, [
                        'answer' => $other->title,
                        'rank' => $trial->standards->rank($other->teaching->rank)->name,
                    ]);
                }
            }
        }
    }
}
