<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Run;
use StoneDrill\Core\Floor\RunLimits;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Floor\Verdict;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Happening;
use StoneDrill\Core\Text;

/** An answer tried again with what its author assumes left out, and with the attacker's head elsewhere. */
final readonly class Robustness
{
    /** Metres by which the attacker's head is tried to either side. */
    private const HEAD = 0.15;

    /** @param Beats $beats as they are for the bodies of the trial */
    public function __construct(private Trial $trial, private Simulation $simulation, private Beats $beats) {}

    /**
     * The main line again with each assumed effect missing, one at a time, with the other one of two, and with the
     * attacker's head to either side.
     *
     * @param bool $variesAll whether that is done where a branch backs it up too, and with the attacker's head
     *     elsewhere
     *
     * @return list<Shortfall>
     */
    public function shortfalls(bool $variesAll): array
    {
        [$trial, $simulation, $beats] = [$this->trial, $this->simulation, $this->beats];
        if (! $variesAll && ! $this->hasUnbacked($beats)) {
            return [];
        }
        $before = $this->failures($trial->run->mainLine);
        $robust = [];
        $room = RunLimits::RERUN;
        foreach ($beats->line as $position => $beat) {
            $effect = $beat->effects[0] ?? null;
            if ($effect !== null && ($room -= count($beats->line) - $position) < 0) {
                $robust[] = $this->shortfall(
                    Text::of('robust.too-long', ['beat' => $beats->number($position)]),
                    null,
                    null,
                    true,
                );

                return $robust;
            }
            if ($effect === null || (! $variesAll && $this->hasIfNot($beat))) {
                continue;
            }
            $number = $beats->number($position);
            foreach ($beat->assumed() as $missing) {
                $left = array_values(
                    array_filter($beat->assumed(), static fn (Effect $other): bool => $other !== $missing),
                );
                $fails = $this->firstNew(
                    $before,
                    $simulation->rerunWithEffect($beats, $trial->run->snapshots[$position], $position, ...$left),
                );
                $robust[] = $this->shortfall(
                    Text::of('robust.effect', ['beat' => $number, 'effect' => $missing->value]),
                    $number,
                    $fails,
                    $fails === null || $this->hasIfNot($beat),
                );
            }
            if ($variesAll && $beat->alternative() !== null) {
                $robust[] = $this->shortfall(
                    Text::of('robust.instead', [
                        'beat' => $number,
                        'effect' => $effect->value,
                        'other' => $beat->alternative()->value,
                    ]),
                    $number,
                    $this->firstNew(
                        $before,
                        $simulation->rerunWithEffect(
                            $beats,
                            $trial->run->snapshots[$position],
                            $position,
                            $beat->alternative(),
                        ),
                    ),
                    true,
                );
            }
        }
        foreach ($variesAll ? ['left' => -self::HEAD, 'right' => self::HEAD] : [] as $side => $shift) {
            $fails = $this->firstNew(
                $before,
                $this->withHeadElsewhere($trial->run, $simulation->withHeadShift($shift), $beats),
            );
            $robust[] = $this->shortfall(Text::of("robust.head-{$side}"), null, $fails, true);
        }

        return $robust;
    }

    /**
     * What the attacker's head being elsewhere changes: the strikes at it, and where they meet an attack, everything
     * after.
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
            if ($branch->condition->happening === Happening::Not && $branch->isAnswered()) {
                return true;
            }
        }

        return false;
    }

    /**
     * What stops these beats.
     *
     * @param list<Frame> $frames
     *
     * @return list<Finding>
     */
    private function failures(array $frames): array
    {
        return $this->trial->withRun(new Run($this->trial->run->start, $frames))->stops(Checks::ofTheFloor());
    }

    /**
     * The first thing that does not work and did before.
     *
     * @param list<Finding>   $before
     * @param iterable<Frame> $frames of the main line run again
     */
    private function firstNew(array $before, iterable $frames): ?Finding
    {
        foreach ($frames as $frame) {
            foreach ($this->failures([$frame]) as $finding) {
                if (array_filter($before, static fn (Finding $old): bool => $old->isLike($finding)) === []) {
                    return $finding;
                }
            }
        }

        return null;
    }
}
