<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** More than the rank can keep. */
final readonly class TooLong implements Check
{
    public function rule(): Rule
    {
        return new Rule('too-long', Severity::Warn, 'more beats than the rank allows');
    }

    public function find(Trial $trial): iterable
    {
        $rank = $trial->standards->rank($trial->answer->rank);
        $beats = count($trial->answer->beats->line);
        if ($beats > $rank->maxBeats) {
            yield $this->rule()->at($trial->run->frame((string) ($rank->maxBeats + 1)) ?? $trial->run->end(), sprintf('%d beats; %s allows %d.', $beats, $rank->name, $rank->maxBeats), 'Leave something out, teach a short form, or introduce it later.');
        }
    }
}
