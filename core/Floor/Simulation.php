<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use Generator;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Intent;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Branch;
use StoneDrill\Core\Technique\Condition;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Technique\Happening;

/**
 * Runs an answer against an attack for two bodies, beat by beat. Planning estimates.
 *
 * A beat goes in this order: what moves while held is carried; feet, pivots, crouch; the attack, or the attacker's turn;
 * strikes and controls; the effect.
 */
final readonly class Simulation
{
    /** Share of the attacker's stature by which a hold that moves carries both in a beat. */
    private const CARRY = 0.15;

    /** Degrees a second that the attacker turns. */
    public const TURN = 120.0;

    /** Share of the attacker's stature that a threat walks in a beat, and the nearest it comes, in metres. */
    private const WALK = 0.25;
    private const NEAREST = 0.60;

    /** Metres that `if far` and `if near` put between. */
    private const ELSEWHERE = 0.30;

    /** Branches within branches that are run. */
    private const MAX_DEPTH = 8;

    private Opening $opening;

    private Assault $assault;

    private Striker $striker;

    private Controls $controls;

    /**
     * @param float $pace        of the rung; divides the time that a beat takes
     * @param float $headShift   metres to the attacker's right by which the attacker's head is off from where it is thought to be
     * @param bool  $seesThreats whether the start and the beats that are run tell which of the attacker's weapons reach
     */
    public function __construct(private Kind $kind, private Facets $facets, private Bodies $bodies, private float $pace = 1.0, float $headShift = 0.0, private bool $seesThreats = true)
    {
        $this->opening = new Opening($kind, $facets);
        $this->striker = new Striker($headShift);
        $this->assault = new Assault($kind, $facets, $this->opening, $this->striker);
        $this->controls = new Controls($kind, $facets, $this->striker);
    }

    /** The same attack and bodies, with the attacker's head so many metres to the attacker's right of where it is thought to be. */
    public function withHeadShift(float $metres): self
    {
        return new self($this->kind, $this->facets, $this->bodies, $this->pace, $metres, $this->seesThreats);
    }

    /** Both before the first beat. */
    public function start(): Frame
    {
        return $this->frame($this->opening->scene($this->bodies), '0', null, null, new BeatLog(0.0), $this->seesThreats);
    }

    /**
     * The main line and its branches, each branch after its beat.
     *
     * @param ?callable(GoToAnswer): ?Destination $find what another answer looks like by itself; null where it is not known
     */
    public function run(Beats $beats, ?callable $find = null): Run
    {
        $run = new Recording();
        $this->line($this->opening->scene($this->bodies), $this->withFollowUp($beats), '', null, 0, $find, $run);

        return new Run($this->start(), $run->frames, $run->landings, $run->snapshots, $run->isCut);
    }

    /**
     * The main line alone, a beat at a time, without looking for threats.
     *
     * @return Generator<int, Frame>
     */
    public function mainLine(Beats $beats): Generator
    {
        yield from $this->runOn($this->opening->scene($this->bodies), $this->withFollowUp($beats), 0);
    }

    /**
     * The main line from one beat on, with another effect of that beat than its author assumes, or none. Without
     * looking for threats.
     *
     * @param Snapshot $snapshot  of the beat, from a run of the same beats
     * @param int     $at      position of the beat from 0
     * @param Effect  ...$instead what comes in place of what is assumed
     *
     * @return Generator<int, Frame> that beat and those after it
     */
    public function rerunWithEffect(Beats $beats, Snapshot $snapshot, int $at, Effect ...$instead): Generator
    {
        $scene = clone ($snapshot->scene ?? $this->opening->scene($this->bodies));
        $log = clone $snapshot->log;
        $line = $this->withFollowUp($beats);
        $this->takeEffects($scene, $line[$at], array_values($instead), null, $log);

        yield $this->frame($scene, (string) ($at + 1), $line[$at], null, $log, false);
        yield from $this->runOn($scene, $line, $at + 1);
    }

    /**
     * One beat of a main line struck again by this simulation, which may have the attacker's head elsewhere.
     *
     * @param Frame $frame from a run of another simulation of the same attack and bodies
     */
    public function strikeAgain(Frame $frame, BeatLog $log): Frame
    {
        $again = clone $log;
        $scene = clone ($log->beforeStrikes ?? $this->opening->scene($this->bodies));
        $again->performed = $this->controls->act($scene, $frame->beat->actions ?? []);

        return $this->frame($scene, $frame->number, $frame->beat, null, $again, false);
    }

    /**
     * @param list<?Beat> $line
     *
     * @return Generator<int, Frame>
     */
    private function runOn(Scene $scene, array $line, int $from): Generator
    {
        for ($position = $from; $position < count($line); $position++) {
            $beat = $line[$position];
            $log = $this->act($scene, $beat);
            $this->takeEffects($scene, $beat, $beat?->assumed() ?? [], null, $log);
            yield $this->frame($scene, (string) ($position + 1), $beat, null, $log, false);
        }
    }

    /**
     * The beats of a line, with an empty second one where a second attack comes and the answer is over.
     *
     * @return list<?Beat>
     */
    private function withFollowUp(Beats $beats): array
    {
        return $this->facets->phase === Phase::FollowUp && count($beats->line) === 1 ? [$beats->line[0], null] : $beats->line;
    }

    /**
     * @param list<?Beat>                         $line
     * @param string                              $prefix of the numbers, `` on the main line, `3.` under its third beat
     * @param ?callable(GoToAnswer): ?Destination $find
     * @param int                                 $from   beats numbered before under the same prefix
     *
     * @return int beats numbered under the prefix
     */
    private function line(Scene $scene, array $line, string $prefix, ?Condition $condition, int $depth, ?callable $find, Recording $run, int $from = 0): int
    {
        foreach ($line as $position => $beat) {
            $number = $prefix.($from + $position + 1);
            $log = $this->act($scene, $beat);
            $struck = $beat === null || ($beat->branches === [] && $beat->effects === []) ? null : clone $scene;
            if ($prefix === '' && ($struck !== null || $log->beforeStrikes !== null)) {
                $run->snapshots[$position] = new Snapshot($struck, clone $log);
            }
            $this->takeEffects($scene, $beat, $beat?->assumed() ?? [], null, $log);
            $run->frames[] = $this->frame($scene, $number, $beat, $position === 0 ? $condition : null, $log, $this->seesThreats);
            if ($struck !== null && $beat !== null && $depth < self::MAX_DEPTH) {
                $this->branches($struck, $beat, $log, $number, $depth, $find, $run);
            }
        }

        return $from + count($line);
    }

    /** @param ?callable(GoToAnswer): ?Destination $find */
    private function branches(Scene $struck, Beat $beat, BeatLog $log, string $number, int $depth, ?callable $find, Recording $run): void
    {
        $count = 0;
        foreach ($beat->branches as $branch) {
            $line = $run->hasRoom() ? $run->fit($this->bodyOf($branch, $find, $destination)) : [];
            if ($line === []) {
                continue;
            }
            $scene = clone $struck;
            $effects = match ($branch->condition->happening) {
                Happening::Not => [],
                Happening::Instead => array_filter([$branch->condition->effect]),
                default => $beat->assumed(),
            };
            $this->takeEffects($scene, $beat, $effects, $branch->condition->happening, clone $log);
            if ($destination !== null) {
                $run->landings[] = $destination->landing($number, $this->frame($scene, $number, null, null, clone $log, $this->seesThreats));
            }
            $count = $this->line($scene, $line, $number.'.', $branch->condition, $depth + 1, $find, $run, $count);
        }
    }

    /**
     * The beats of a branch; none where the main line goes on, or the other answer is not known.
     *
     * @param ?callable(GoToAnswer): ?Destination $find
     *
     * @param-out ?Destination $destination
     *
     * @return list<Beat>
     */
    private function bodyOf(Branch $branch, ?callable $find, ?Destination &$destination): array
    {
        $destination = null;
        if (is_array($branch->body)) {
            return $branch->body;
        }
        if ($branch->body instanceof GoToAnswer && $find !== null) {
            $destination = $find($branch->body);

            return $destination->line ?? [];
        }

        return [];
    }

    /** Everything in a beat up to its strikes and controls, with movements as long as it needs. */
    private function act(Scene $scene, ?Beat $beat): BeatLog
    {
        $factors = $beat === null || $scene->posture->fixesFeet() ? [] : Elastic::factors($beat, $scene->bodies->defender);
        $before = $factors === [] ? $scene : clone $scene;
        $best = $this->actAt($scene, $beat, 1.0);
        if ($factors === [] || Elastic::has($best) >= Elastic::needs($best)) {
            return $best;
        }
        $most = Elastic::has($best);
        foreach ($factors as $factor) {
            $tried = clone $before;
            $log = $this->actAt($tried, $beat, $factor);
            if (Elastic::has($log) > $most) {
                [$best, $most] = [$log, Elastic::has($log)];
                $scene->become($tried);
                if ($most >= Elastic::needs($log)) {
                    break;
                }
            }
        }

        return $best;
    }

    /** The same with what is elastic at one share of its usual length. */
    private function actAt(Scene $scene, ?Beat $beat, float $factor): BeatLog
    {
        $actions = $beat->actions ?? [];
        $log = new BeatLog(($beat?->seconds() ?? 0.0) / $this->pace);
        $log->startsAt = $scene->time;
        $log->wornOff = $scene->wearOff();
        [$log->fromX, $log->fromY] = [$scene->x, $scene->y];
        $log->heldBefore = $scene->hold->isOn();
        $scene->slipX = $scene->slipY = 0.0;
        $crouch = $scene->crouch;
        $line = Angle::of($scene->x - $scene->attackerX, $scene->y - $scene->attackerY);

        $this->carry($scene, $line, $log);
        $this->move($scene, $actions, $factor, $log);
        $turns = $this->controls->turns($scene, $actions);
        $log->seconds = ($beat?->seconds($turns) ?? 0.0) / $this->pace;
        $this->attack($scene, $actions, $line, $crouch, $factor === 1.0, $log);
        if ($beat !== null && $beat->aimsAtHead()) {
            $log->beforeStrikes = clone $scene;
        }
        $log->performed = $this->controls->act($scene, $actions);
        $log->seconds = ($beat?->seconds(array_map(static fn (PerformedAction $done): float => $done->hit->aim->turn ?? 0.0, $log->performed)) ?? 0.0) / $this->pace;

        return $log;
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
        [$log->feetMoved, $log->turned, $log->strides] = Footwork::move($scene, $actions, $factor);
        if ($log->turned || $scene->isFacingWritten) {
            $log->facedAt = $scene->facing;
        }
        $scene->capDistance();
        if ($log->feetMoved && ! $log->turned && ! $scene->isFacingWritten && ! $scene->hold->isOn()) {
            Footwork::turnToAttacker($scene);
        }
        $scene->keepApart($beforeX, $beforeY);
    }

    /** @param list<Action> $actions */
    private function attack(Scene $scene, array $actions, float $line, float $crouch, bool $isUsual, BeatLog $log): void
    {
        [$beforeX, $beforeY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
        $comes = $scene->beats === 0 && $this->facets->phase === Phase::Reaching && $this->kind->start !== Start::Threat;
        if ($comes) {
            $log->delivery = $this->assault->come($scene, $actions, $crouch, $isUsual);
        } elseif ($scene->followUpIsDue || ($scene->beats === 1 && $this->facets->phase === Phase::FollowUp)) {
            $scene->followUpIsDue = false;
            $log->delivery = $this->assault->followUp($scene, $actions, $line, $crouch);
        }
        if ($log->delivery === null && $scene->isAttackerFree()) {
            $scene->attackerFacing = Angle::turned($scene->attackerFacing, Angle::round($scene->bearingToAttacker() + 180), self::TURN * $log->seconds);
            if ($this->kind->start === Start::Threat && ! $scene->attackerPosture->fixesFeet()) {
                $scene->moveAttacker(-max(0.0, min(self::WALK * $this->bodies->attacker, $scene->distance() - self::NEAREST)));
            }
        }
        $scene->keepApart($beforeX, $beforeY);
    }

    /**
     * The effects of a beat, and what a what-if changes; the beat is over then.
     *
     * @param list<Effect> $effects in the order in which they come
     */
    private function takeEffects(Scene $scene, ?Beat $beat, array $effects, ?Happening $happening, BeatLog $log): void
    {
        [$beforeX, $beforeY] = [$scene->attackerX - $scene->x, $scene->attackerY - $scene->y];
        $scene->time = $log->startsAt + $log->seconds;
        $scene->beats++;
        $log->effect = $effects[0] ?? null;
        foreach ($beat === null ? [] : $effects as $effect) {
            $this->controls->takeEffect($scene, $effect, $log->performed);
        }
        match ($happening) {
            Happening::GetsUp => $scene->recover(),
            Happening::Far => $scene->moveAttacker(self::ELSEWHERE),
            Happening::Near => $scene->moveAttacker(-self::ELSEWHERE),
            Happening::SecondAttack => $scene->followUpIsDue = true,
            default => null,
        };
        $scene->capDistance();
        $scene->keepApart($beforeX, $beforeY);
    }

    private function frame(Scene $scene, string $number, ?Beat $beat, ?Condition $condition, BeatLog $log, bool $withThreats = true): Frame
    {
        $toDefender = Angle::of($scene->x - $scene->attackerX, $scene->y - $scene->attackerY);
        $off = Angle::turn($scene->attackerFacing, $toDefender);
        $distance = $scene->distance();

        return new Frame(
            $number,
            $beat,
            $condition,
            $log->startsAt,
            $scene->time,
            new Positions(
                $scene->defender(),
                $scene->attacker(),
                $distance,
                Sector::of($off),
                abs($off) < 90 && abs($distance * sin(deg2rad($off))) < 0.129 * $this->bodies->attacker,
                abs($off) / self::TURN,
                new Fists($withThreats ? $this->striker->fistReach($scene) : null, Weapons::fistMargin($scene)),
                $withThreats ? Weapons::free($scene) : [],
            ),
            new Movement(new Point($log->fromX, $log->fromY), $log->facedAt, $log->carried, $log->feetMoved, $log->turned, $log->strides),
            new Events($scene->hold, $scene->grips, $log->heldBefore, $log->delivery, $log->performed, $log->effect, $log->wornOff),
        );
    }
}
