<?php

declare(strict_types=1);

namespace StoneDrill\Core\Answer;

/** Which limb a verb is written with. */
enum LimbRule
{
    case Hand;
    case HandIfAny;
    case Foot;
    /** The whole body moves: no limb, or `both feet`, which means the same. */
    case WholeBody;
    case None;

    public function admits(?Limb $limb): bool
    {
        return match ($this) {
            self::Hand => $limb !== null && $limb->isHand(),
            self::HandIfAny => $limb === null || $limb->isHand(),
            self::Foot => $limb !== null && $limb->isFoot(),
            self::WholeBody, self::None => $limb === null,
        };
    }

    /** What a reader of an error is told to write. */
    public function expectation(): string
    {
        return match ($this) {
            self::Hand => 'a hand before it: left hand, right hand, both hands or free hand',
            self::HandIfAny => 'a hand before it, or no limb',
            self::Foot => 'a foot before it: left foot or right foot',
            self::WholeBody => 'no limb before it, or both feet',
            self::None => 'no limb before it',
        };
    }
}
