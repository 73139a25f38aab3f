<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Posture;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Verb;

/** Stopping where the attacker still reaches. */
final readonly class NoExit implements Check
{
    /** A step in, a fist and the lean, as a share of the attacker's stature. */
    private const LUNGE = 0.45 + 0.386 + 0.0745;

    public function rule(): Rule
    {
        return new Rule(CheckId::NoExit, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        $end = $trial->run->end();
        $isAsked = in_array($trial->doctrine(), [Doctrine::Escape, Doctrine::Counter], true);
        if ($end->number === '0' || ! $isAsked || ! $this->stands($end, $leaving = $trial->leaving())) {
            return;
        }
        $fist = $end->positions()->fists->attackerMargin;
        $lunge = self::LUNGE * $trial->bodies->attacker;
        if ($fist !== null && $fist >= 0) {
            yield $this->as($this->isBusy($end) ? Severity::Warn : Severity::Stop, $leaving)->at(
                $end,
                ['cm' => (int) round(100 * $fist)],
                'fist',
            );
        } elseif ($end->positions()->distance < $lunge - 1e-9) {
            [$metres, $within] = Figures::apart($end->positions()->distance, $lunge, 2);
            yield $this->as($this->hasHandsUp($end) ? Severity::Note : Severity::Warn, $leaving)->at(
                $end,
                ['metres' => $metres, 'lunge' => $within],
                'lunge',
            );
        }
    }

    /**
     * What folds or turns the attacker is over in a moment; who lies or kneels stays down. Where a school asks for
     * leaving unless the attacker is down, one who is folded is.
     */
    private function stands(Frame $end, Leaving $leaving): bool
    {
        return match ($end->positions()->attacker->posture) {
            Posture::Standing => true,
            Posture::Folded => $leaving !== Leaving::UnlessDown,
            default => false,
        };
    }

    private function as(Severity $severity, Leaving $leaving): Rule
    {
        return new Rule(CheckId::NoExit, $leaving === Leaving::Free ? Severity::Note : $severity);
    }

    /** Whether the attacker has more to do at the end than to strike. */
    private function isBusy(Frame $end): bool
    {
        return $end->strikesHome()
            || $end->events->effect !== null
            || $this->hasHandsUp($end)
            || $end->hasAttackerHeld();
    }

    private function hasHandsUp(Frame $end): bool
    {
        foreach ($end->beat->actions ?? [] as $action) {
            if ($action->limb === Limb::BothHands && $action->verb instanceof Verb && $action->verb->guards()) {
                return true;
            }
        }

        return false;
    }
}
