<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Intent;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Condition;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Happening;
use StoneDrill\Core\Technique\LimbRule;
use StoneDrill\Core\Technique\Manner;
use StoneDrill\Core\Technique\Size;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/**
 * Runs one beat. It goes in this order: what moves while held is carried; feet, pivots, crouch; the attack, or the
 * attacker's turn; strikes and controls; the effect.
 */
final readonly class BeatRunner
{
    /** Share of the attacker's stature by which a hold that moves carries both in a beat. */
    private const CARRY = 0.15;

    /** Degrees a second that the attacker turns. */
    public const TURN = 120.0;

    /** Share of the attacker's stature that a threat walks in a beat, and the nearest it comes, in metres. */
    private const WALK = 0.25;
    private const NEAREST = 0.6;

    /** Metres that `if far` and `if near` put between. */
    private const ELSEWHERE = 0.3;

    private Opening $opening;

    private Assault $assault;

    private Striker $striker;

    private Controls $controls;

    private Effects $effects;

    private Spots $spots;

    public function __construct(
        private Kind $kind,
        private Facets $facets,
        private Bodies $bodies,
        private Setting $setting,
    ) {
        $this->spots = $spots = new Spots($kind, $facets, $setting->headShift);
        $this->opening = new Opening($kind, $facets);
        $this->striker = new Striker($spots);
        $this->assault = new Assault($kind, $facets, $this->opening, $this->striker, $setting);
        $this->controls = new Controls($spots, $this->striker, new Grasper($spots));
        $this->effects = new Effects($kind, $facets, $spots);
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
        $log = $this->begin($scene, $beat);
        $line = Angle::of($scene->x - $scene->attackerX, $scene->y - $scene->attackerY);
        $crouch = $scene->crouch;
        $this->carry($scene, $line, $log);
        $isElastic = $beat !== null && ! $scene->posture->fixesFeet() && Elastic::longest($beat) > 0;
        [$before, $begun] = $isElastic ? [clone $scene, clone $log] : [$scene, $log];
        $this->approach($scene, $beat, 1.0, $line, $crouch, $log);
        $this->engage($scene, $beat, $log);
        if (! $isElastic || Elastic::has($log) >= Elastic::needs($log)) {
            return $log;
        }
        $most = Elastic::has($log);
        $measured = Controls::measured($beat->actions);
        foreach (Elastic::factors($beat, $scene->bodies->defender) as $factor) {
            [$tried, $own] = [clone $before, clone $begun];
            $this->approach($tried, $beat, $factor, $line, $crouch, $own);
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

    /** What is over when a beat begins. */
    private function begin(Scene $scene, ?Beat $beat): BeatLog
    {
        $log = new BeatLog(($beat?->seconds() ?? 0.0) / $this->setting->pace);
        $log->startsAt = $scene->time;
        $log->wornOff = $scene->wearOff();
        [$log->fromX, $log->fromY] = [$scene->x, $scene->y];
        $log->heldBefore = $scene->hold->isOn();
        $scene->slipX = $scene->slipY = 0.0;
        $scene->takeBack($this->setting->recoil);

        return $log;
    }

    /**
     * The defender moves, with what is elastic at one share of its usual length, and the attack comes.
     *
     * @param float $line   degrees in which the defender was from the attacker when the beat began
     * @param float $crouch of the defender then, in metres
     */
    private function approach(Scene $scene, ?Beat $beat, float $factor, float $line, float $crouch, BeatLog $log): void
    {
        $actions = $beat->actions ?? [];
        $this->move($scene, $actions, $factor, $log);
        if ($beat !== null) {
            $log->turn($beat, $this->controls->turns($scene, $actions), $this->setting->pace);
        }
        $this->attack($scene, $actions, $line, $crouch, $factor === 1.0, $log);
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

    private function carry(Scene $scene, float $line, BeatLog $log): void
    {
        if ($this->facets->phase !== Phase::Moving || ! $scene->hold->isOn()) {
            return;
        }
        $isPull = $this->facets->intent === Intent::Move || $this->facets->intent === Intent::TakeDown;
        $metres = ($isPull ? -1 : 1) * self::CARRY * $this->bodies->attacker;
        [$x, $y] = [$metres * sin(deg2rad($line)), $metres * cos(deg2rad($line))];
        $scene->carryDefender($x, $y);
        $scene->attackerX += $x;
        $scene->attackerY += $y;
        $log->carried = true;
    }

    /** @param list<Action> $actions */
    private function move(Scene $scene, array $actions, float $factor, BeatLog $log): void
    {
        [$beforeX, $beforeY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
        $log->facedAt = $scene->facing;
        $escort = self::first($actions, Verb::Escort);
        if ($scene->grips !== [] && $escort === null && self::first($actions, Verb::Leave) !== null) {
            $scene->endGrips();
        }
        [$log->feetMoved, $log->turned, $log->strides] = Footwork::move($scene, $actions, $factor);
        if ($log->turned || $scene->isFacingWritten) {
            $log->facedAt = $scene->facing;
        }
        $this->escorts($scene, $actions, $escort, $log);
        $scene->capDistance();
        if ($log->feetMoved && ! $log->turned && ! $scene->isFacingWritten && ! $scene->hold->isOn()) {
            Footwork::turnToAttacker($scene);
        }
        $scene->keepApart($beforeX, $beforeY);
        $log->barredBehind = $scene->isBarredBehind;
        $scene->wentBehind = false;
    }

    /** @param list<Action> $actions */
    private static function first(array $actions, Verb $verb): ?Action
    {
        foreach ($actions as $action) {
            if ($action->verb === $verb) {
                return $action;
            }
        }

        return null;
    }

    /**
     * An escort carries both as far as leaving goes: the way it says, the way the defender leaves, or straight ahead.
     *
     * @param list<Action> $actions
     */
    private function escorts(Scene $scene, array $actions, ?Action $escort, BeatLog $log): void
    {
        if ($escort === null) {
            return;
        }
        [$x, $y] = [$scene->x - $log->fromX, $scene->y - $log->fromY];
        if (self::first($actions, Verb::Leave) === null) {
            $bearing = deg2rad($escort->bearing?->toDegrees() ?? $scene->facing);
            $metres = Footwork::usual(Verb::Leave) * $this->bodies->defender;
            [$x, $y] = [$metres * sin($bearing), $metres * cos($bearing)];
            $scene->carryDefender($x, $y);
        }
        $scene->attackerX += $x;
        $scene->attackerY += $y;
    }

    /** @param list<Action> $actions */
    private function attack(Scene $scene, array $actions, float $line, float $crouch, bool $isUsual, BeatLog $log): void
    {
        [$beforeX, $beforeY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
        if ($this->isComing($scene)) {
            $log->delivery = $this->assault->come($scene, $actions, $crouch, $isUsual);
        } elseif ($scene->followUpIsDue || ($scene->beats === 1 && $this->facets->phase === Phase::FollowUp)) {
            $scene->followUpIsDue = false;
            $log->delivery = $this->assault->followUp($scene, $actions, $line, $crouch);
        }
        if ($log->delivery === null && $scene->isAttackerFree()) {
            $scene->attackerFacing = Angle::turned(
                $scene->attackerFacing,
                Angle::round($scene->bearingToAttacker() + 180),
                self::TURN * $log->seconds,
            );
            if ($this->kind->start === Start::Threat && ! $scene->attackerPosture->fixesFeet()) {
                $scene->moveAttacker(
                    -max(0.0, min(self::WALK * $this->bodies->attacker, $scene->distance() - self::NEAREST)),
                );
            }
        }
        $scene->keepApart($beforeX, $beforeY);
    }

    /** Whether the attack comes in this beat. */
    private function isComing(Scene $scene): bool
    {
        return $scene->beats === 0 && $this->facets->phase === Phase::Reaching && $this->kind->start !== Start::Threat;
    }

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
    public function cells(Scene $scene, Beat $beat, ?Action $strike, array $places): array
    {
        $scene = clone $scene;
        $crouch = $scene->crouch;
        $log = $this->begin($scene, $beat);
        $line = Angle::of($scene->x - $scene->attackerX, $scene->y - $scene->attackerY);
        $this->carry($scene, $line, $log);
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
            $this->slide($own, $x, $y, $movements, $ownLog);
            // How long turning takes matters only where an attacker turns too meanwhile.
            $isTimed = ! $this->isComing($own)
            && $own->isAttackerFree()
            && $own->distance() <= $farthest + $this->opening->advance($this->bodies);
            $turns = $isTimed ? $this->controls->turns($own, $whole->actions) : [];
            $ownLog->seconds = $turns === [] ? $plain : $whole->seconds($turns) / $this->setting->pace;
            $this->attack($own, $beat->actions, $line, $crouch, true, $ownLog);
            $this->controls->act($own, $beat->actions);
            $isHome = $strike === null
                ? null
                : $own->distance() <= $farthest && $this->getsHome($own, $strike, $whole->actions);
            $this->takeEffects($own, $beat, [], null, $ownLog);
            $cells[] = $this->cell($own, $ownLog->delivery, $isHome);
        }

        return $cells;
    }

    /**
     * Both feet to another place, as {@see self::move()} has it.
     *
     * @param list<Action> $movements
     */
    private function slide(Scene $scene, float $x, float $y, array $movements, BeatLog $log): void
    {
        if (! $scene->posture->fixesFeet()) {
            [$beforeX, $beforeY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
            $log->facedAt = $scene->facing;
            $scene->carryDefender($x, $y);
            [, $turned] = $movements === [] ? [false, false] : Footwork::move($scene, $movements);
            $scene->capDistance();
            if (! $turned && ! $scene->isFacingWritten && ! $scene->hold->isOn()) {
                Footwork::turnToAttacker($scene);
            }
            $scene->keepApart($beforeX, $beforeY);

            return;
        }
        $this->move($scene, $movements, 1.0, $log);
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

    /**
     * The effects of a beat, and what a what-if changes; the beat is over then.
     *
     * @param list<Effect> $effects in the order in which they come
     */
    public function takeEffects(Scene $scene, ?Beat $beat, array $effects, ?Happening $happening, BeatLog $log): void
    {
        [$beforeX, $beforeY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
        $scene->time = $log->startsAt + $log->seconds;
        $scene->beats++;
        $this->effects->bend($scene);
        $log->effect = $effects[0] ?? null;
        foreach ($beat === null ? [] : $effects as $effect) {
            $this->effects->take($scene, $effect, $log->performed);
        }
        match ($happening) {
            Happening::GetsUp => $scene->recover(),
            Happening::Far => $scene->moveAttacker(self::ELSEWHERE),
            Happening::Near => $scene->moveAttacker(-self::ELSEWHERE),
            Happening::SecondAttack => ($scene->followUpIsDue = true),
            default => null,
        };
        $scene->capDistance();
        $scene->keepApart($beforeX, $beforeY);
    }

    /**
     * @param bool $withThreats whether what the attacker could do next is looked for; without it, where both are is
     *     worked out only for who asks
     */
    public function frame(
        Scene $scene,
        string $number,
        ?Beat $beat,
        ?Condition $condition,
        BeatLog $log,
        bool $withThreats = true,
    ): Frame {
        $then = $withThreats ? $scene : clone $scene;

        return new Frame(
            $number,
            $beat,
            $condition,
            $log->startsAt,
            $scene->time,
            $withThreats ? $this->positions($scene, true) : fn (): Positions => $this->positions($then, false),
            new Movement(
                new Point($log->fromX, $log->fromY),
                $log->facedAt,
                $log->carried,
                $log->feetMoved,
                $log->turned,
                $log->strides,
                $log->barredBehind,
            ),
            new Events(
                $scene->hold,
                $scene->grips,
                $log->heldBefore,
                $log->delivery,
                $log->performed,
                $log->effect,
                $log->wornOff,
            ),
        );
    }

    private function positions(Scene $scene, bool $withThreats): Positions
    {
        $off = Angle::turn(
            $scene->attackerFacing,
            Angle::of($scene->x - $scene->attackerX, $scene->y - $scene->attackerY),
        );
        $distance = $scene->distance();

        return new Positions(
            $scene->defender(),
            $scene->attacker(),
            $distance,
            Sector::of($off),
            abs($off) < 90
                && $distance < Weapons::FIST * $this->bodies->attacker
                && abs($distance * sin(deg2rad($off))) < Joint::Shoulder->lateral() * $this->bodies->attacker,
            abs($off) / self::TURN,
            new Fists($withThreats ? $this->striker->fistReach($scene) : null, Weapons::fistMargin($scene)),
            $withThreats ? Weapons::free($scene) : [],
            $withThreats ? $this->spots->limbs($scene) : null,
        );
    }
}
