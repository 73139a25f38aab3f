<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/**
 * Where the first step is best taken: least of what the attacker reaches, with a strike that still gets there.
 * Estimates.
 */
final readonly class FirstSteps
{
    public function __construct(
        private Kind $kind,
        private Facets $facets,
        private Bodies $bodies,
        private Setting $setting = new Setting(),
    ) {}

    /** The strike that is asked for where none is named. */
    public static function usualStrike(): Action
    {
        return new Action(Limb::RightHand, Strike::Palm, [Target::Chin]);
    }

    /**
     * Every first step with which the strike still reaches, the best first: those under which nothing lands, then the
     * lowest margin of what the attacker reaches most.
     *
     * @param Action $strike the strike that must still reach
     *
     * @return list<FirstStep>
     */
    public function best(Action $strike): array
    {
        $simulation = new Simulation($this->kind, $this->facets, $this->bodies, $this->setting);
        $steps = [];
        foreach (
            [
                [Limb::LeftFoot, Verb::Step],
                [Limb::RightFoot, Verb::Step],
                [null, Verb::Slide],
                [null, Verb::Hop],
            ] as [$limb, $verb]
        ) {
            foreach (range(1, 12) as $hour) {
                $step = new Action($limb, $verb, bearing: Bearing::hour($hour));
                $frame = $simulation->run(new Beats([new Beat([$step, $strike])]))->frames[0];
                $hit = $frame->hits[0] ?? null;
                if (
                    $hit !== null
                    && $hit->reaches()
                    && $hit->aim->isFaced
                    && $hit->aim->isInArc
                    && ! $frame->events->performed[1]->isBlocked()
                ) {
                    $steps[] = new FirstStep(
                        $step,
                        $this->worst($frame),
                        $hit->measure->margin,
                        ($frame->events->delivery?->lands() ?? false) && ! $frame->events->delivery->isHold,
                        $frame->positions()->defender->feet->axis,
                    );
                }
            }
        }
        usort(
            $steps,
            static fn (FirstStep $a, FirstStep $b): int => [$a->isHit, $a->threat ?? -INF] <=> [
                $b->isHit,
                $b->threat ?? -INF,
            ],
        );

        return $steps;
    }

    /** Margin of the weapon of the attacker's that reaches farthest; null where none is turned that way. */
    private function worst(Frame $frame): ?float
    {
        return $frame->positions()->threats === []
            ? null
            : max(array_map(static fn (Threat $threat): float => $threat->margin, $frame->positions()->threats));
    }
}
