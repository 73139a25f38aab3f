<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

use StoneDrill\Core\Text;

/** Which limb a verb is written with. */
enum LimbRule
{
    case Hand;
    case HandIfAny;
    /** A hand, a foot or a knee. */
    case HandOrLeg;
    case Foot;
    /** The whole body moves: no limb, or `both feet`, which means the same. */
    case WholeBody;
    case None;

    public function admits(?Limb $limb): bool
    {
        return match ($this) {
            self::Hand => $limb !== null && $limb->isHand(),
            self::HandIfAny => $limb === null || $limb->isHand(),
            self::HandOrLeg => $limb !== null
                && ($limb->isHand() || $limb->isFoot() || $limb === Limb::LeftKnee || $limb === Limb::RightKnee),
            self::Foot => $limb !== null && $limb->isFoot(),
            self::WholeBody, self::None => $limb === null,
        };
    }

    /** What a reader of an error is told to write. */
    public function expectation(): Text
    {
        return match ($this) {
            self::Hand => Text::of('notation.limb-hand'),
            self::HandIfAny => Text::of('notation.limb-hand-if-any'),
            self::HandOrLeg => Text::of('notation.limb-hand-or-leg'),
            self::Foot => Text::of('notation.limb-foot'),
            self::WholeBody => Text::of('notation.limb-whole-body'),
            self::None => Text::of('notation.limb-none'),
        };
    }
}
