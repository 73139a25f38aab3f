<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\Waiver;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Destination;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Run;
use StoneDrill\Core\Floor\RunLimits;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Floor\Verdict;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Technique\Happening;
use StoneDrill\Core\Text;

/** Runs an answer for two bodies, tries it with what is assumed left out, and checks it. */
final readonly class Examiner
{
    /** Metres by which the attacker's head is tried to either side. */
    private const HEAD = 0.15;

    public function __construct(private Standards $standards) {}

    /**
     * @param ?Rung $rung the rung it is tried at; null for full pace with nothing told
     */
    public function examine(Answer $answer, Attack $attack, Side $side, Bodies $bodies, ?Rung $rung = null): Examination
    {
        return $this->examineIn($answer, $attack, $side, $side === Side::Mirrored, $bodies, $rung);
    }

    /**
     * The same in any cell, as written or mirrored.
     *
     * @param bool   $isMirrored whether the answer is mirrored there
     * @param ?Scope $scope      how closely it is looked at; null for all there is to know
     */
    public function examineIn(Answer $answer, Attack $attack, Side $side, bool $isMirrored, Bodies $bodies, ?Rung $rung = null, ?Scope $scope = null): Examination
    {
        $scope ??= Scope::whole();
        $beats = $isMirrored ? $answer->beats->mirror() : $answer->beats;
        $facets = $attack->on($side);
        $pace = $rung->pace ?? 1.0;
        $simulation = new Simulation($attack->kind, $facets, $bodies, $pace, seesThreats: $scope->seesThreats);
        $run = $simulation->run($beats, fn (GoToAnswer $goes): ?Destination => $this->destination($goes, $isMirrored ? Side::Mirrored : Side::Written, $bodies, $pace));
        $trial = new Trial($answer, $attack, $facets, $bodies, $this->standards, $rung, $run);
        if ($scope->variesUnbacked) {
            $trial = new Trial($answer, $attack, $facets, $bodies, $this->standards, $rung, $run, $this->robust($trial, $simulation, $beats, $scope->variesAll));
        }

        return $this->sorted($trial, $scope->checks);
    }

    /** @param list<Check> $checks */
    private function sorted(Trial $trial, array $checks): Examination
    {
        $place = array_flip(array_map(static fn (Frame $frame): string => $frame->number, $trial->run->frames));
        $byBeat = $waived = [];
        foreach ($checks as $check) {
            foreach ($check->find($trial) as $finding) {
                $waiver = $this->waiver($trial->answer, $finding);
                if ($waiver === null) {
                    $byBeat[$place[$finding->beat] ?? 0][] = $finding;
                } else {
                    $waived[] = ['finding' => $finding, 'waiver' => $waiver];
                }
            }
        }
        ksort($byBeat);

        return new Examination($trial, array_merge([], ...array_values($byBeat)), $waived);
    }

    private function waiver(Answer $answer, Finding $finding): ?Waiver
    {
        foreach ($answer->teaching->waived as $waiver) {
            if ($waiver->check === $finding->check && ($waiver->beat === null || $waiver->beat === $finding->beat)) {
                return $waiver;
            }
        }

        return null;
    }

    /**
     * The main line again with each assumed effect missing, one at a time, with the other one of two, and with the attacker's head
     * to either side.
     *
     * @param bool $variesAll whether that is done where a branch backs it up too, and with the attacker's head elsewhere
     *
     * @return list<Shortfall>
     */
    private function robust(Trial $trial, Simulation $simulation, Beats $beats, bool $variesAll): array
    {
        if (! $variesAll && ! $this->hasUnbacked($beats)) {
            return [];
        }
        $before = $this->failures($trial, $trial->run->mainLine);
        $robust = [];
        $room = RunLimits::RERUN;
        foreach ($beats->line as $position => $beat) {
            $effect = $beat->effects[0] ?? null;
            if ($effect !== null && ($room -= count($beats->line) - $position) < 0) {
                $robust[] = $this->shortfall(Text::of('robust.too-long', ['beat' => $position + 1]), null, null, true);

                return $robust;
            }
            if ($effect === null || (! $variesAll && $this->hasIfNot($beat))) {
                continue;
            }
            $number = (string) ($position + 1);
            foreach ($beat->assumed() as $missing) {
                $left = array_values(array_filter($beat->assumed(), static fn (Effect $other): bool => $other !== $missing));
                $fails = $this->firstNew($trial, $before, $simulation->rerunWithEffect($beats, $trial->run->snapshots[$position], $position, ...$left));
                $robust[] = $this->shortfall(Text::of('robust.effect', ['beat' => $number, 'effect' => $missing->value]), $number, $fails, $fails === null || $this->hasIfNot($beat));
            }
            if ($variesAll && $beat->alternative() !== null) {
                $robust[] = $this->shortfall(Text::of('robust.instead', ['beat' => $number, 'effect' => $effect->value, 'other' => $beat->alternative()->value]), $number, $this->firstNew($trial, $before, $simulation->rerunWithEffect($beats, $trial->run->snapshots[$position], $position, $beat->alternative())), true);
            }
        }
        foreach ($variesAll ? ['left' => -self::HEAD, 'right' => self::HEAD] : [] as $side => $shift) {
            $fails = $this->firstNew($trial, $before, $this->withHeadElsewhere($trial->run, $simulation->withHeadShift($shift), $beats));
            $robust[] = $this->shortfall(Text::of("robust.head-{$side}"), null, $fails, true);
        }

        return $robust;
    }

    /**
     * What the attacker's head being elsewhere changes: the strikes at it, and where they meet an attack, everything after.
     *
     * @return iterable<Frame>
     */
    private function withHeadElsewhere(Run $run, Simulation $elsewhere, Beats $beats): iterable
    {
        foreach ($run->mainLine as $position => $frame) {
            $log = $run->snapshots[$position]->log ?? null;
            if ($log?->beforeStrikes === null) {
                continue;
            }
            if ($frame->events->delivery?->verdict === Verdict::Intercepted) {
                yield from $elsewhere->mainLine($beats);

                return;
            }
            yield $elsewhere->strikeAgain($frame, $log);
        }
    }

    private function shortfall(Text $without, ?string $beat, ?Finding $fails, bool $isBackedUp): Shortfall
    {
        return new Shortfall($without, $beat, $fails?->beat, $isBackedUp, $fails?->message);
    }

    /** Whether an effect has no branch for when it does not come. */
    private function hasUnbacked(Beats $beats): bool
    {
        foreach ($beats->line as $beat) {
            if ($beat->effects !== [] && ! $this->hasIfNot($beat)) {
                return true;
            }
        }

        return false;
    }

    private function hasIfNot(Beat $beat): bool
    {
        foreach ($beat->branches as $branch) {
            if ($branch->condition->happening === Happening::Not && is_array($branch->body)) {
                return true;
            }
            if ($branch->condition->happening === Happening::Not && $branch->body instanceof GoToAnswer) {
                return true;
            }
        }

        return false;
    }

    /**
     * What does not work in these beats.
     *
     * @param list<Frame> $frames
     *
     * @return list<Finding>
     */
    private function failures(Trial $trial, array $frames): array
    {
        $line = new Trial($trial->answer, $trial->attack, $trial->facets, $trial->bodies, $trial->standards, $trial->rung, new Run($trial->run->start, $frames));
        $failures = [];
        foreach (Checks::ofTheFloor() as $check) {
            array_push($failures, ...$check->find($line));
        }

        return $failures;
    }

    /**
     * The first thing that does not work and did before.
     *
     * @param list<Finding>   $before
     * @param iterable<Frame> $frames of the main line run again
     */
    private function firstNew(Trial $trial, array $before, iterable $frames): ?Finding
    {
        foreach ($frames as $frame) {
            foreach ($this->failures($trial, [$frame]) as $finding) {
                if (array_filter($before, static fn (Finding $old): bool => $old->isLike($finding)) === []) {
                    return $finding;
                }
            }
        }

        return null;
    }

    /** Another answer from one of its beats on, and how both stand there when it is done by itself. */
    private function destination(GoToAnswer $goes, Side $side, Bodies $bodies, float $pace): ?Destination
    {
        $other = $this->standards->answerTitled($goes->title);
        $attack = $other === null ? null : $this->standards->attack($other->attack);
        if ($other === null || $attack === null || $goes->beat > count($other->beats->line)) {
            return null;
        }
        $beats = $side === Side::Mirrored ? $other->beats->mirror() : $other->beats;
        $own = new Simulation($attack->kind, $attack->on($side), $bodies, $pace);
        $line = array_map(static fn (Beat $beat): Beat => $beat->withoutBranches(), array_slice($beats->line, $goes->beat - 1));
        $before = $own->start();
        foreach ($own->mainLine($beats) as $position => $frame) {
            $before = $position < $goes->beat - 1 ? $frame : $before;
        }

        return new Destination($other->title, $goes->beat, $line, $before);
    }
}
