<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;

/** Which of the defender's hands is meant where its side is not written. */
final readonly class Hands
{
    /** The hand that `held hand` and `other hand` mean; any other limb is itself. */
    public static function named(Scene $scene, Limb $limb): Limb
    {
        return match ($limb) {
            Limb::HeldHand => $scene->heldHand,
            Limb::OtherHand => $scene->heldHand->mirror(),
            default => $limb,
        };
    }

    /**
     * The limb that does something that needs no reach: of `free hand` the right one when both are free.
     *
     * @param list<Action> $actions of the same beat
     */
    public static function limb(Scene $scene, Limb $limb, array $actions): Limb
    {
        return $limb === Limb::FreeHand ? self::free($scene, $actions)[0] : self::named($scene, $limb);
    }

    /**
     * The hands that nothing holds, that grip nothing and have nothing else to do; both when there is none. Right
     * first.
     *
     * @param list<Action> $actions
     *
     * @return non-empty-list<Limb>
     */
    public static function free(Scene $scene, array $actions): array
    {
        $busy = [];
        foreach ($actions as $action) {
            foreach ($action->limb?->singles() ?? [] as $limb) {
                $busy[self::named($scene, $limb)->value] = true;
            }
        }
        $free = array_values(
            array_filter(
                [Limb::RightHand, Limb::LeftHand],
                static fn (Limb $hand): bool => ! isset($busy[$hand->value])
                    && ! isset($scene->grips[$hand->value])
                    && $scene->hold->status($hand)->isFree(),
            ),
        );

        return $free === [] ? [Limb::RightHand, Limb::LeftHand] : $free;
    }
}
