<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** Where the defender's controls get to, from where everyone is. */
final readonly class Grasper
{
    public function __construct(private Spots $spots) {}

    /**
     * The control at the first of its targets that is reached, otherwise at the first; null for one that needs no
     * reach.
     *
     * @param list<Action> $actions of the same beat
     */
    public function grasp(Scene $scene, Action $action, array $actions): ?Grasp
    {
        if (
            ! ($action->verb instanceof Verb)
            || ! $action->verb->needsReach()
            || $action->limb === null
            || $action->targets === []
        ) {
            return null;
        }
        $most = Chain::isCarried($scene, $actions) ? Chain::DRIVE * $scene->bodies->defender : 0.0;
        $hands
            = $action->limb === Limb::FreeHand ? Hands::free($scene, $actions) : [Hands::named($scene, $action->limb)];
        $best = null;
        foreach ($hands as $hand) {
            $grasp = $this->at($scene, $hand, $action->verb, $action->targets, $most);
            if ($best === null || $grasp->measure->isBetterThan($best->measure)) {
                $best = $grasp;
            }
        }

        return $best;
    }

    /** @param non-empty-list<Target> $targets */
    private function at(Scene $scene, Limb $limb, Verb $verb, array $targets, float $most): Grasp
    {
        $first = null;
        foreach ($targets as $target) {
            $grasp = new Grasp(
                $limb,
                $verb,
                $target,
                $this->measure($scene, $limb, $verb, $this->spots->of($scene, $target, $limb), $most),
            );
            if ($grasp->reaches()) {
                return $grasp;
            }
            $first ??= $grasp;
        }
        $before = $this->spots->before($scene, $first->target, $limb);

        return $before !== null && $this->measure($scene, $limb, $verb, $before, $most)->reaches()
            ? new Grasp($limb, $verb, $first->target, $first->measure, true)
            : $first;
    }

    private function measure(Scene $scene, Limb $limb, Verb $verb, Spot $spot, float $most): Measure
    {
        return Chain::of($verb)->measure($scene, $limb, $spot, [$scene->x, $scene->y], $scene->facing, 0.0, $most);
    }
}
