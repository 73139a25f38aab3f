<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use Generator;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Condition;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Technique\Happening;

/**
 * Runs an answer against an attack for two bodies, beat by beat. Planning estimates.
 */
final readonly class Simulation
{
    /** Branches within branches that are run. */
    private const MAX_DEPTH = 8;

    private BeatRunner $runner;

    public function __construct(
        private Kind $kind,
        private Facets $facets,
        private Bodies $bodies,
        private Setting $setting = new Setting(),
    ) {
        $this->runner = new BeatRunner($kind, $facets, $bodies, $setting);
    }

    /**
     * The same attack and bodies, with the attacker's head so many metres to the attacker's right of where it is
     * thought to be.
     */
    public function withHeadShift(float $metres): self
    {
        return new self($this->kind, $this->facets, $this->bodies, $this->setting->withHeadShift($metres));
    }

    /** Both before the first beat. */
    public function start(): Frame
    {
        return $this->frame($this->runner->opening(), '0', null, null, new BeatLog(0.0));
    }

    /**
     * The main line and its branches, each branch after its beat.
     *
     * @param ?callable(GoToAnswer): ?Destination $find what another answer looks like by itself; null where it is not
     *     known
     */
    public function run(Beats $beats, ?callable $find = null): Run
    {
        $run = new Recording();
        $beats = $this->inPlace($beats);
        $this->line($this->runner->opening(), $this->withFollowUp($beats), $beats->number(...), null, 0, $find, $run);

        return new Run($this->start(), $run->frames, $run->landings, $run->snapshots, $run->isCut);
    }

    /**
     * The main line alone, a beat at a time, without looking for threats.
     *
     * @return Generator<int, Frame>
     */
    public function mainLine(Beats $beats): Generator
    {
        yield from $this->runOn($this->runner->opening(), $this->inPlace($beats), 0);
    }

    /**
     * The main line from one beat on, with another effect of that beat than its author assumes, or none. Without
     * looking for threats.
     *
     * @param Beats    $beats     as they are for these bodies ({@see self::inPlace()})
     * @param Snapshot $snapshot  of the beat, from a run of the same beats
     * @param int     $at      position of the beat from 0
     * @param Effect  ...$instead what comes in place of what is assumed
     *
     * @return Generator<int, Frame> that beat and those after it
     */
    public function rerunWithEffect(Beats $beats, Snapshot $snapshot, int $at, Effect ...$instead): Generator
    {
        $scene = clone ($snapshot->scene ?? $this->runner->opening());
        $log = clone $snapshot->log;
        $beat = $beats->line[$at];
        $this->runner->effects->end($scene, $beat, array_values($instead), null, $log);

        yield $this->runner->framing->of($scene, $beats->number($at), $beat, null, $log, false);
        yield from $this->runOn($scene, $beats, $at + 1);
    }

    /**
     * One beat of a main line struck again by this simulation, which may have the attacker's head elsewhere.
     *
     * @param Frame $frame from a run of another simulation of the same attack and bodies
     */
    public function strikeAgain(Frame $frame, BeatLog $log): Frame
    {
        $again = clone $log;
        $scene = clone ($log->beforeStrikes ?? $this->runner->opening());
        $again->performed = $this->runner->strike($scene, $frame->beat->actions ?? []);

        return $this->runner->framing->of($scene, $frame->number, $frame->beat, null, $again, false);
    }

    /** @return Generator<int, Frame> */
    private function runOn(Scene $scene, Beats $beats, int $from): Generator
    {
        $line = $this->withFollowUp($beats);
        for ($position = $from; $position < count($line); $position++) {
            $beat = $line[$position];
            $log = $this->runner->act($scene, $beat);
            $this->runner->effects->end($scene, $beat, $beat?->assumed() ?? [], null, $log);
            yield $this->runner->framing->of($scene, $beats->number($position), $beat, null, $log, false);
        }
    }

    /**
     * The floor round the defender before a beat of the main line: what comes of each place that the beat could end at.
     *
     * @param int     $at     position of the beat from 0
     * @param ?Action $strike one that would be thrown from there, besides what is written
     */
    public function field(Beats $beats, int $at, ?Action $strike = null): StepField
    {
        $scene = $this->runner->opening();
        $line = $this->inPlace($beats)->line;
        foreach (array_slice($line, 0, $at) as $beat) {
            $log = $this->runner->act($scene, $beat);
            $this->runner->effects->end($scene, $beat, $beat->assumed(), null, $log);
        }

        $cells = $this->runner->cells->of($scene, StepField::rest($line[$at]), $strike, StepField::places());

        return new StepField(new Point($scene->x, $scene->y), array_chunk($cells, StepField::CELLS));
    }

    /**
     * The beats as they are for these bodies: where the attacker is taller or shorter, what is written for that stands
     * in place.
     */
    public function inPlace(Beats $beats): Beats
    {
        $more = $this->bodies->attacker - $this->bodies->defender;

        return match (true) {
            $more >= Bodies::SIZE - 1e-9 => $beats->inPlace(Happening::Taller),
            $more <= -Bodies::SIZE + 1e-9 => $beats->inPlace(Happening::Shorter),
            default => $beats,
        };
    }

    /**
     * The beats of a line, with an empty second one where a second attack comes and the answer is over.
     *
     * @return list<?Beat>
     */
    private function withFollowUp(Beats $beats): array
    {
        return $this->facets->phase === Phase::FollowUp && count($beats->line) === 1
            ? [$beats->line[0], null]
            : $beats->line;
    }

    /**
     * @param list<?Beat>                         $line
     * @param callable(int): string               $number of a beat, by its position in the line
     * @param ?callable(GoToAnswer): ?Destination $find
     */
    private function line(
        Scene $scene,
        array $line,
        callable $number,
        ?Condition $condition,
        int $depth,
        ?callable $find,
        Recording $run,
    ): void {
        foreach ($line as $position => $beat) {
            $log = $this->runner->act($scene, $beat);
            $struck = $beat === null || ($beat->branches === [] && $beat->effects === []) ? null : clone $scene;
            if ($depth === 0 && ($struck !== null || $log->beforeStrikes !== null)) {
                $run->snapshots[$position] = new Snapshot($struck, clone $log);
            }
            $this->runner->effects->end($scene, $beat, $beat?->assumed() ?? [], null, $log);
            $run->frames[] = $this->frame($scene, $number($position), $beat, $position === 0 ? $condition : null, $log);
            if ($struck !== null && $beat !== null && $depth < self::MAX_DEPTH) {
                $this->branches($struck, $beat, $log, $number($position), $depth, $find, $run);
            }
        }
    }

    /** @param ?callable(GoToAnswer): ?Destination $find */
    private function branches(
        Scene $struck,
        Beat $beat,
        BeatLog $log,
        string $number,
        int $depth,
        ?callable $find,
        Recording $run,
    ): void {
        $count = 0;
        foreach ($beat->branches as $branch) {
            $goes = $branch->goesTo();
            $destination = $goes === null || $find === null ? null : $find($goes);
            $condition = $branch->condition;
            $leadsNowhere = $branch->beats === [] && $destination === null;
            if ($condition->happening->isOfBodies() || $leadsNowhere || ! $run->hasRoom()) {
                continue;
            }
            $scene = clone $struck;
            $effects = self::effects($condition, $beat);
            $this->runner->effects->end($scene, $beat, $effects, $condition->happening, clone $log);
            $first = $run->fit($branch->beats);
            $this->line($scene, $first, self::under($number, $count), $condition, $depth + 1, $find, $run);
            $count += count($first);
            if ($destination !== null) {
                $landed = $this->frame($scene, $number, null, null, new BeatLog(0.0));
                $run->landings[] = $destination->landing($number, $landed);
                $then = $run->fit($destination->line);
                $under = self::under($number, $count);
                $this->line($scene, $then, $under, $first === [] ? $condition : null, $depth + 1, $find, $run);
                $count += count($then);
            }
        }
    }

    /** Both after a beat, with threats where they are looked for. */
    private function frame(Scene $scene, string $number, ?Beat $beat, ?Condition $condition, BeatLog $log): Frame
    {
        return $this->runner->framing->of($scene, $number, $beat, $condition, $log, $this->setting->seesThreats);
    }

    /** @return list<Effect> what comes of a beat in a branch */
    private static function effects(Condition $condition, Beat $beat): array
    {
        return match ($condition->happening) {
            Happening::Not => [],
            Happening::Instead => array_values(array_filter([$condition->effect])),
            default => $beat->assumed(),
        };
    }

    /** @return callable(int): string numbers under a beat, after so many */
    private static function under(string $number, int $count): callable
    {
        return static fn (int $position): string => $number.'.'.($count + $position + 1);
    }
}
