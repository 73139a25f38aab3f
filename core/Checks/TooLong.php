<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** More than the rank can keep. */
final readonly class TooLong implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::TooLong, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        $rank = $trial->standards->rank($trial->answer->teaching->rank);
        $beats = count($trial->answer->beats->line);
        if ($beats > $rank->maxBeats) {
            yield $this->rule()->at($trial->run->frame((string) ($rank->maxBeats + 1)) ?? $trial->run->end(), [
                'beats' => $beats,
                'rank' => $rank->name,
                'allowed' => $rank->maxBeats,
            ]);
        }
    }
}
