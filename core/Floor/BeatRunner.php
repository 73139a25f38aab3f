<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;

/**
 * Runs one beat. It goes in this order: what moves while held is carried; feet, pivots, crouch; the attack, or the
 * attacker's turn; strikes and controls; the effect.
 */
final readonly class BeatRunner
{
    private Opening $opening;

    private Approach $approach;

    private Controls $controls;

    /** What ends a beat. */
    public Effects $effects;

    public Framing $framing;

    public StepCells $cells;

    public function __construct(
        Kind $kind,
        Facets $facets,
        private Bodies $bodies,
        private Setting $setting,
    ) {
        $spots = new Spots($kind, $facets, $setting->headShift);
        $striker = new Striker($spots);
        $this->opening = new Opening($kind, $facets);
        $this->approach = new Approach(
            $kind,
            $facets,
            $bodies,
            $setting,
            new Assault($kind, $facets, $this->opening, $striker, $setting),
        );
        $this->controls = new Controls($spots, $striker, new Grasper($spots));
        $this->effects = new Effects($kind, $facets, $spots, $setting->times);
        $this->framing = new Framing($bodies, $spots, $striker, $setting->turning);
        $this->cells = new StepCells(
            $bodies,
            $setting,
            $this->opening,
            $this->approach,
            $this->controls,
            $striker,
            $this->effects,
        );
    }

    /** Both before the first beat. */
    public function opening(): Scene
    {
        return $this->opening->scene($this->bodies, $this->setting->recoil);
    }

    /**
     * The strikes and controls of a beat once more.
     *
     * @param list<Action> $actions
     *
     * @return list<PerformedAction>
     */
    public function strike(Scene $scene, array $actions): array
    {
        return $this->controls->act($scene, $actions);
    }

    /** Everything in a beat up to its strikes and controls, with movements as long as it needs. */
    public function act(Scene $scene, ?Beat $beat): BeatLog
    {
        $log = $this->approach->begin($scene, $beat);
        $line = Angle::of($scene->x - $scene->attackerX, $scene->y - $scene->attackerY);
        $crouch = $scene->crouch;
        $this->approach->carry($scene, $line, $log);
        $isElastic = $beat !== null && ! $scene->posture->fixesFeet() && Elastic::longest($beat) > 0;
        [$before, $begun] = $isElastic ? [clone $scene, clone $log] : [$scene, $log];
        $this->meet($scene, $beat, 1.0, $line, $crouch, $log);
        $this->engage($scene, $beat, $log);
        if (! $isElastic || Elastic::has($log) >= Elastic::needs($log)) {
            return $log;
        }
        $most = Elastic::has($log);
        $measured = Controls::measured($beat->actions);
        foreach (Elastic::factors($beat, $scene->bodies->defender) as $factor) {
            [$tried, $own] = [clone $before, clone $begun];
            $this->meet($tried, $beat, $factor, $line, $crouch, $own);
            $isSafe = Elastic::isSafe($own);
            // Whoever is hit at this length alone gains nothing by what reaches; nor does anybody where no more can
            // reach than before.
            $mayGain = $isSafe === $most[0]
                ? $this->controls->reachAllBut($measured - $most[1] - 1, clone $tried, $beat->actions)
                : $isSafe;
            if (! $mayGain) {
                continue;
            }
            $this->engage($tried, $beat, $own);
            $has = Elastic::has($own);
            if ($has > $most) {
                [$log, $most] = [$own, $has];
                $scene->become($tried);
                if ($most >= Elastic::needs($own)) {
                    break;
                }
            }
        }

        return $log;
    }

    /**
     * The defender moves, with what is elastic at one share of its usual length, and the attack comes.
     *
     * @param float $line   degrees in which the defender was from the attacker when the beat began
     * @param float $crouch of the defender then, in metres
     */
    private function meet(Scene $scene, ?Beat $beat, float $factor, float $line, float $crouch, BeatLog $log): void
    {
        $actions = $beat->actions ?? [];
        $this->approach->move($scene, $actions, $factor, $log);
        if ($beat !== null) {
            $log->turn($beat, $this->controls->turns($scene, $actions), $this->setting->pace);
        }
        $this->approach->attack($scene, $actions, $line, $crouch, $factor === 1.0, $log);
    }

    /** The strikes and controls of a beat, and how long it takes with the turning that is in them. */
    private function engage(Scene $scene, ?Beat $beat, BeatLog $log): void
    {
        if ($beat === null) {
            return;
        }
        if ($beat->aimsAtHead()) {
            $log->beforeStrikes = clone $scene;
        }
        $log->performed = $this->controls->act($scene, $beat->actions);
        $turns = [];
        foreach ($log->performed as $position => $done) {
            if ($done->hit !== null) {
                $turns[$position] = $done->hit->aim->turn;
            }
        }
        $log->turn($beat, $turns, $this->setting->pace);
    }
}
