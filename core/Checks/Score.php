<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\PerformedAction;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\EffectTimes;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\LimbRule;
use StoneDrill\Core\Technique\Verb;

/**
 * The main line of an answer in time: what each limb does when, how long effects last, when the attacker reaches the
 * head.
 */
final readonly class Score
{
    /** The lines of the defender, from above. */
    public const LANES = ['head', 'left hand', 'right hand', 'left foot', 'right foot'];

    /** Seconds after the last beat for which it is shown who reaches whom. */
    private const AFTER = 0.5;

    /** @var array<string, list<ScoreBar>> by line */
    public array $lanes;

    /**
     * @var list<array{Effect, ScoreBar}> effects with a time of their own, until it is up or another one takes its
     *     place
     */
    public array $effects;

    /** @var list<ScoreBar> while a free weapon of the attacker's reaches the head */
    public array $reached;

    /** What there is time for before the attack arrives, at the rung that it is read at; null where nothing arrives. */
    public ?ScoreStart $start;

    /** Seconds of the main line. */
    public float $seconds;

    private function __construct(Trial $trial)
    {
        $frames = $trial->run->mainLine;
        $this->seconds = $trial->run->end()->time;
        $pace = $trial->rung->pace ?? 1.0;
        $lanes = array_fill_keys(self::LANES, []);
        foreach ($frames as $frame) {
            foreach (self::bars($frame, $pace) as [$lane, $bar]) {
                $lanes[$lane][] = $bar;
            }
        }
        $this->lanes = $lanes;
        $this->effects = self::effects($frames, $trial->standards->school->asks->effects);
        $this->reached = self::reached([$trial->run->start, ...$frames]);
        $this->start = self::start($trial);
    }

    public static function of(Trial $trial): self
    {
        return new self($trial);
    }

    /** @return list<array{string, ScoreBar}> with the line each belongs to */
    private static function bars(Frame $frame, float $pace): array
    {
        $bars = [];
        foreach ($frame->events->performed as $done) {
            $before = Beat::stepBefore($frame->beat->actions ?? [], $done->action)?->seconds() ?? 0.0;
            $from = $frame->startsAt + $before / $pace;
            $bar = new ScoreBar(
                $frame->number,
                $from,
                min($frame->time, $from + $done->action->seconds() / $pace),
                $done->action,
                ($done->hit === null || $done->hit->reaches()) && ($done->grasp === null || $done->grasp->reaches()),
            );
            foreach (self::lanesOf($done) as $lane) {
                $bars[] = [$lane, $bar];
            }
        }

        return $bars;
    }

    /** @return list<string> */
    private static function lanesOf(PerformedAction $done): array
    {
        $limb = $done->limb ?? $done->action->limb;

        return match (true) {
            $limb === null => self::ofBody($done->action),
            $limb === Limb::Head => ['head'],
            $limb === Limb::BothHands => ['left hand', 'right hand'],
            $limb->isHand(), $limb === Limb::LeftElbow, $limb === Limb::RightElbow => [
                $limb->isLeft() ? 'left hand' : 'right hand',
            ],
            default => [$limb->isLeft() ? 'left foot' : 'right foot'],
        };
    }

    /**
     * @return list<string> both feet for what moves the body, the head for what is said, looked at, slipped or waited
     *     for
     */
    private static function ofBody(Action $action): array
    {
        return $action->is(Verb::Slip) || ($action->verb instanceof Verb && $action->verb->limbs() === LimbRule::None)
            ? ['head']
            : ['left foot', 'right foot'];
    }

    /**
     * @param list<Frame> $frames
     *
     * @return list<array{Effect, ScoreBar}>
     */
    private static function effects(array $frames, EffectTimes $times): array
    {
        $spans = [];
        foreach ($frames as $frame) {
            foreach ($frame->beat?->assumed() ?? [] as $effect) {
                $seconds = $times->of($effect);
                if ($seconds !== null) {
                    $spans[] = [$effect, new ScoreBar($frame->number, $frame->time, $frame->time + $seconds)];
                }
            }
        }

        return array_map(static fn (array $span): array => [$span[0], self::until($span, $spans)], $spans);
    }

    /**
     * A posture lasts until a newer one takes its place.
     *
     * @param array{Effect, ScoreBar}       $span
     * @param list<array{Effect, ScoreBar}> $spans
     */
    private static function until(array $span, array $spans): ScoreBar
    {
        [$effect, $bar] = $span;
        $end = $bar->to;
        foreach ($spans as [$other, $later]) {
            if ($later->from > $bar->from && $other->isPosture() === $effect->isPosture()) {
                $end = min($end, $later->from);
            }
        }

        return new ScoreBar($bar->number, $bar->from, $end);
    }

    /**
     * What is read at the end of a beat holds until the end of the next one.
     *
     * @param list<Frame> $frames the start, then the main line
     *
     * @return list<ScoreBar>
     */
    private static function reached(array $frames): array
    {
        $bars = [];
        foreach ($frames as $place => $frame) {
            if ($frame->reaching === []) {
                continue;
            }
            $to = ($frames[$place + 1] ?? null)->time ?? $frame->time + self::AFTER;
            $last = array_pop($bars);
            if ($last !== null && abs($last->to - $frame->time) > 1e-9) {
                $bars[] = $last;
                $last = null;
            }
            $bars[] = new ScoreBar($last->number ?? $frame->number, $last->from ?? $frame->time, $to);
        }

        return $bars;
    }

    private static function start(Trial $trial): ?ScoreStart
    {
        $arrival = Timing::arrival($trial->attack->kind, $trial->facets);
        $first = ($trial->run->mainLine[0] ?? null)?->beat;
        if ($arrival === null || $first === null) {
            return null;
        }
        $rung = $trial->timedAt();

        return new ScoreStart(
            $trial->standards->school->asks->reaction->seconds(
                $trial->standards->familyBits($trial->answer->teaching->rank),
                $rung,
            ),
            $first->seconds() / $rung->pace,
            $arrival / $rung->pace,
        );
    }
}
