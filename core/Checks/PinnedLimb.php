<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Target;
use StoneDrill\Core\Answer\Verb;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\LimbState;
use StoneDrill\Core\Floor\Deed;

/** A limb that a hold keeps from doing that. */
final readonly class PinnedLimb implements Check
{
    /** Metres from the holding hand within which a held hand strikes. */
    private const NEAR = 0.20;

    /** Height, as a share of the defender’s stature, up to which a pinned arm reaches. */
    private const LOW = 0.53;

    /** Arm and leg points that a pinned arm reaches. */
    private const LOW_POINTS = [Target::Hand, Target::Fingers, Target::Wrist, Target::Forearm, Target::Hips, Target::Leg, Target::Ankle];

    public function rule(): Rule
    {
        return new Rule('pinned-limb', Severity::Stop, 'a blocked limb acts, or a limited one acts beyond its limit');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->deeds as $deed) {
                $reason = $this->reason($trial, $deed);
                if ($reason !== null) {
                    yield $this->rule()->at($frame, $reason, 'Use a limb that is free, or end the hold first.', $deed->limb);
                }
            }
        }
    }

    private function reason(Trial $trial, Deed $deed): ?string
    {
        foreach ($deed->hindered as $status) {
            if ($status->state === LimbState::Blocked) {
                return sprintf('The %s cannot act: %s.', $status->limb->value, $status->reason);
            }
            if ($deed->fromHold !== null && $deed->fromHold > self::NEAR + 1e-9) {
                return sprintf('The %s is held at the wrist and strikes only within 20 cm of the hand that holds it; the %s is %d cm away.', $status->limb->value, $deed->hit?->target->value, (int) round($deed->fromHold * 100));
            }
            if ($deed->fromHold === null && ! $this->isWithinLimit($trial, $deed, str_contains($status->reason, 'wrist'))) {
                return sprintf('The %s cannot do that: %s.', $status->limb->value, $status->reason);
            }
        }

        return null;
    }

    private function isWithinLimit(Trial $trial, Deed $deed, bool $isWrist): bool
    {
        $verb = $deed->action->deed;
        if ($isWrist) {
            return $verb instanceof Verb && $verb->worksWhileHeld();
        }
        if ($verb instanceof Verb && $verb->guards()) {
            return false;
        }
        $height = $deed->hit?->height;
        if ($height !== null) {
            return $height <= self::LOW * $trial->bodies->defender + 1e-9;
        }
        foreach ($deed->action->targets as $target) {
            $share = $target->height();
            if ($share === null ? ! in_array($target, self::LOW_POINTS, true) : $share * $trial->bodies->attacker > self::LOW * $trial->bodies->defender + 1e-9) {
                return false;
            }
        }

        return true;
    }
}
