<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Ladder;

/** Who is ready for another rung: up from what is held to one that was not tried, or down from where it fails to what is held. */
final readonly class RungMove
{
    /** Tries for which somebody goes down. */
    public const TRIES = 3;

    private function __construct(public int $from, public int $to) {}

    /** Of one side of one attack; null where the rung of now is the right one. */
    public static function of(Window $window, Ladder $ladder, DateTimeImmutable $at): ?self
    {
        $rungs = $ladder->ids();
        // What failed lower down counts higher up too: only where it was tried does it fail.
        $tried = array_column($window->tries, 1);
        $held = null;
        foreach ($rungs as $place => $rung) {
            $state = $window->state($rung, $at);
            if ($state === ProofState::Failing && $held !== null && in_array($rung, $tried, true)) {
                return new self($rung, $rungs[$held]);
            }
            $held = $state === ProofState::Holds ? $place : $held;
        }
        $next = $held === null ? null : $rungs[$held + 1] ?? null;

        return $next === null || in_array($next, $tried, true) ? null : new self($rungs[$held], $next);
    }

    public function isUp(): bool
    {
        return $this->to > $this->from;
    }
}
