<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\LimbRule;
use StoneDrill\Core\Technique\Manner;
use StoneDrill\Core\Technique\Size;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** What comes of a beat wherever it takes the defender. */
final readonly class StepCells
{
    public function __construct(
        private Bodies $bodies,
        private Setting $setting,
        private Opening $opening,
        private Approach $approach,
        private Controls $controls,
        private Striker $striker,
        private Effects $effects,
    ) {}

    /**
     * What comes of a beat wherever it takes the defender: as if both feet slid to each of these places, one after the
     * other.
     *
     * @param Scene                     $scene  before it
     * @param Beat                      $beat   without what moves the feet, and without strikes
     * @param ?Action                   $strike one that is thrown from there
     * @param list<array{float, float}> $places metres to the right and ahead of where the defender is
     *
     * @return list<StepCell>
     */
    public function of(Scene $scene, Beat $beat, ?Action $strike, array $places): array
    {
        $scene = clone $scene;
        $crouch = $scene->crouch;
        $log = $this->approach->begin($scene, $beat);
        $line = Angle::of($scene->x - $scene->attackerX, $scene->y - $scene->attackerY);
        $this->approach->carry($scene, $line, $log);
        // Only what turns, sinks or rises has something to do with where the body is.
        $movements = array_values(
            array_filter(
                $beat->actions,
                static fn (Action $action): bool => $action->limb === null
                    && $action->verb instanceof Verb
                    && $action->verb->limbs() === LimbRule::WholeBody,
            ),
        );
        // Whoever slides is not carried along by a strike, and the slide takes its time.
        $slide = new Action(
            null,
            Verb::Slide,
            bearing: Bearing::hour(12),
            manner: new Manner(Size::metres(StepField::CELL)),
        );
        $whole = new Beat([$slide, ...$beat->actions, ...$strike === null ? [] : [$strike]]);
        $plain = $whole->seconds() / $this->setting->pace;
        $farthest = $strike === null ? 0.0 : $this->farthest($scene, $strike);
        $cells = [];
        foreach ($places as [$x, $y]) {
            $own = clone $scene;
            $ownLog = clone $log;
            $this->approach->slide($own, $x, $y, $movements, $ownLog);
            // How long turning takes matters only where an attacker turns too meanwhile.
            $isTimed = ! $this->approach->isComing($own)
                && $own->isAttackerFree()
                && $own->distance() <= $farthest + $this->opening->advance($this->bodies);
            $turns = $isTimed ? $this->controls->turns($own, $whole->actions) : [];
            $ownLog->seconds = $turns === [] ? $plain : $whole->seconds($turns) / $this->setting->pace;
            $this->approach->attack($own, $beat->actions, $line, $crouch, true, $ownLog);
            $this->controls->act($own, $beat->actions);
            $isHome = $strike === null
                ? null
                : $own->distance() <= $farthest && $this->getsHome($own, $strike, $whole->actions);
            $this->effects->end($own, $beat, [], null, $ownLog);
            $cells[] = $this->cell($own, $ownLog->delivery, $isHome);
        }

        return $cells;
    }

    /**
     * Metres between the axes beyond which a strike gets nowhere: its chain, lean, the farthest drive, and both bodies'
     * breadth.
     */
    private function farthest(Scene $scene, Action $strike): float
    {
        // What holds or hits the defender is with the defender, wherever that is.
        if (
            array_filter(
                $strike->targets,
                static fn (Target $target): bool => $target->height() === null || $target->isOfLeg(),
            ) !== []
        ) {
            return INF;
        }
        $chain = $strike->verb instanceof Strike ? $strike->verb->chain() + Striker::drive($strike->verb) : 0.0;
        $folded = $scene->attackerPosture === Posture::Standing ? 0.0 : 0.3;

        return ($chain + 0.21) * $this->bodies->defender
            + (Bodies::SURFACE + $folded) * $this->bodies->attacker
            + abs($this->setting->headShift);
    }

    /**
     * Whether a strike gets to its target from here, the way that it can be thrown.
     *
     * @param list<Action> $actions of the beat
     */
    private function getsHome(Scene $scene, Action $strike, array $actions): bool
    {
        if (! $this->striker->isFaced($scene, $strike)) {
            return false;
        }
        // What does not spin leaves everybody where they are until it has arrived.
        $hit = $strike->manner->spinning
            ? $this->controls->strike(clone $scene, $strike, $actions)
            : $this->striker->hit($scene, $strike, $actions);

        return $hit !== null && $hit->reaches() && $hit->aim->isFaced && $hit->aim->isInArc;
    }

    /** What is read where somebody has come. */
    private function cell(Scene $scene, ?Delivery $delivery, ?bool $strikes): StepCell
    {
        $worst = null;
        $count = 0;
        foreach (Weapons::free($scene) as $threat) {
            $worst = max($worst ?? -INF, $threat->margin);
            $count += $threat->reaches() ? 1 : 0;
        }

        return new StepCell($delivery?->lands() ?? false, $count, $worst, $strikes);
    }
}
