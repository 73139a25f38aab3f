<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** An attack that lands. */
final readonly class IsHit implements Check
{
    public function rule(): Rule
    {
        return new Rule('is-hit', Severity::Stop, 'a blow, a push or a dive lands');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $delivery = $frame->delivery;
            if ($delivery !== null && $delivery->lands() && ! $delivery->isHold) {
                yield $this->rule()->at(
                    $frame,
                    sprintf('The %s lands: %s out of its reach, %s off its line.', $delivery->what, Figures::short(-$delivery->out), Figures::short(-$delivery->off)),
                    'Block, parry or cover it, take the head off its line, or go farther out.',
                );
            }
        }
    }
}
