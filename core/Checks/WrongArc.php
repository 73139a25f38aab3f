<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** A weapon that does not go that way. */
final readonly class WrongArc implements Check
{
    public function rule(): Rule
    {
        return new Rule('wrong-arc', Severity::Stop, 'the weapon cannot be thrown that far off the facing');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->hits as $hit) {
                if (! $hit->isInArc) {
                    yield $this->rule()->at($frame, sprintf('The %s cannot go %d° off the facing, to the %s.', $hit->strike->isItsOwnLimb() ? $hit->limb->value : $hit->limb->value.' '.$hit->strike->value, (int) round(abs($hit->off)), $hit->off < 0 ? 'left' : 'right'), 'Turn first, or take a weapon that goes that way.', $hit->limb);
                }
            }
        }
    }
}
