<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Checks\Hazards;
use StoneDrill\Core\Curriculum\ContactPolicy;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** Puts something that the policy teaches in the place of what it does not: the same limb, the nearest height. */
final readonly class Softener
{
    public function __construct(private ContactPolicy $policy, private string $rank) {}

    /**
     * The beats with every barred action of their lines replaced; null where one has no replacement, or none is barred.
     */
    public function soften(Beats $beats): ?Beats
    {
        $line = $this->line($beats->line);

        return $line === null || $line == $beats->line ? null : new Beats($line);
    }

    /**
     * @param non-empty-list<Beat> $line
     *
     * @return non-empty-list<Beat>|null
     */
    private function line(array $line): ?array
    {
        $softened = [];
        foreach ($line as $beat) {
            $soft = $this->beat($beat);
            if ($soft === null) {
                return null;
            }
            $softened[] = $soft;
        }

        return $softened;
    }

    private function beat(Beat $beat): ?Beat
    {
        $actions = [];
        foreach ($beat->actions as $action) {
            $soft = $this->isBarred(Hazards::ofAction($action)) ? $this->action($action) : $action;
            if ($soft === null) {
                return null;
            }
            $actions[] = $soft;
        }
        $branches = [];
        foreach ($beat->branches as $branch) {
            $line = $branch->beats === [] ? [] : $this->line($branch->beats);
            if ($line === null) {
                return null;
            }
            $branches[] = $branch->withBeats($line);
        }
        $effects = array_values(
            array_filter(
                $beat->effects,
                fn (Effect $effect): bool => $effect !== Effect::Dropped
                    || ! $this->isBarred([Hazard::Fall, Hazard::GroundImpact]),
            ),
        );

        return $beat->withActions($actions)->withEffects($effects)->withBranches($branches);
    }

    private function action(Action $action): ?Action
    {
        if (! $action->isStrike()) {
            return $action->limb !== null && $action->limb->isHand()
                ? new Action($action->limb, Verb::Clamp, $action->targets)
                : null;
        }
        $height = $action->targets[0]->height() ?? 0.6;
        $targets = array_values(
            array_filter(Target::cases(), static fn (Target $target): bool => $target->height() !== null),
        );
        usort(
            $targets,
            static fn (Target $a, Target $b): int => abs((float) $a->height() - $height)
                <=> abs((float) $b->height() - $height),
        );
        foreach ($targets as $target) {
            $soft = new Action($action->limb, $action->verb, [$target], manner: $action->manner->withSize(null));
            if (! $this->isBarred(Hazards::ofAction($soft))) {
                return $soft;
            }
        }

        // No strike at all is taught: the same hand presses the same place.
        return $action->limb !== null && $action->limb->isHand()
            ? new Action($action->limb, Verb::Press, [$action->targets[0]])
            : null;
    }

    /** @param list<Hazard> $hazards */
    private function isBarred(array $hazards): bool
    {
        foreach ($hazards as $hazard) {
            if ($this->policy->level($hazard, $this->rank) === PolicyLevel::NotTaught) {
                return true;
            }
        }

        return false;
    }
}
