<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\LimbLimit;
use StoneDrill\Core\Attack\LimbState;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\PerformedAction;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** A limb that a hold keeps from doing that. */
final readonly class PinnedLimb implements Check
{
    /** Metres from the holding hand within which a held hand strikes. */
    private const NEAR = 0.2;

    /** Height, as a share of the defender’s stature, up to which a pinned arm reaches. */
    private const LOW = 0.53;

    /** Points of an arm that a pinned arm reaches. */
    private const LOW_POINTS = [Target::Hand, Target::Fingers, Target::Wrist, Target::Forearm];

    public function rule(): Rule
    {
        return new Rule(CheckId::PinnedLimb, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->events->performed as $done) {
                if ($done->hindered === []) {
                    continue;
                }
                yield from $this->beyondLimits($trial, $frame, $done);
            }
        }
    }

    /** @return iterable<Finding> of the first limb of it that does more than its hold allows */
    private function beyondLimits(Trial $trial, Frame $frame, PerformedAction $done): iterable
    {
        foreach ($done->hindered as $status) {
            [$case, $values] = match (true) {
                $status->state === LimbState::Blocked => ['blocked', []],
                $done->fromHold !== null && $done->fromHold > self::NEAR + 1e-9 => [
                    'far',
                    [
                        'target' => $done->hit->target->value ?? '',
                        'cm' => Figures::apart(100 * $done->fromHold, 100 * self::NEAR, 0)[0],
                    ],
                ],
                $done->fromHold === null
                    && ! $this->isWithinLimit($trial, $done, $status->limit === LimbLimit::WristHeld)
                    => ['limited', []],
                default => [null, []],
            };
            if ($case !== null) {
                $texts = ['limb' => $status->limb->value, 'reason' => $status->text() ?? '', ...$values];
                yield $case === 'far'
                    ? $this->rule()->measured(
                        $frame,
                        (float) $done->fromHold - self::NEAR,
                        $trial->tolerance(),
                        $texts,
                        $case,
                        $done->limb,
                    )
                    : $this->rule()->at($frame, $texts, $case, $done->limb);

                return;
            }
        }
    }

    private function isWithinLimit(Trial $trial, PerformedAction $done, bool $isWrist): bool
    {
        $verb = $done->action->verb;
        if ($isWrist) {
            return $verb instanceof Verb && $verb->worksWhileHeld();
        }
        if ($verb instanceof Verb && $verb->guards()) {
            return false;
        }
        $measure = $done->hit->measure ?? $done->grasp?->measure;
        foreach ($done->action->targets as $target) {
            $height
                = $target->height() === null ? null : $measure->height ?? $target->height() * $trial->bodies->attacker;
            if (
                $height === null
                    ? ! in_array($target, self::LOW_POINTS, true)
                    : $height > self::LOW * $trial->bodies->defender + 1e-9
            ) {
                return false;
            }
        }

        return true;
    }
}
