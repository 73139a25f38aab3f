<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Ladder;

/**
 * Who is ready for another rung: up from what is held to one that was not tried, or down from where it fails to what is
 * held.
 */
final readonly class RungMove
{
    /** Tries for which somebody goes down. */
    public const TRIES = 3;

    private function __construct(public int $from, public int $to) {}

    /** Of one side of one attack; null where the rung of now is the right one. */
    public static function of(Window $window, Ladder $ladder, DateTimeImmutable $at): ?self
    {
        $rungs = $ladder->ids();
        $tried = array_column($window->tries, 1);
        // What is held at a rung is held at every lower one.
        $next = 0;
        while (isset($rungs[$next]) && $window->holds($rungs[$next], $at)) {
            $next++;
        }
        if ($next === 0 || ! isset($rungs[$next])) {
            return null;
        }
        // What failed lower down counts higher up too: only where it was tried does it fail.
        foreach (array_slice($rungs, $next) as $rung) {
            if (in_array($rung, $tried, true) && $window->state($rung, $at) === ProofState::Failing) {
                return new self($rung, $rungs[$next - 1]);
            }
        }

        return in_array($rungs[$next], $tried, true) ? null : new self($rungs[$next - 1], $rungs[$next]);
    }

    public function isUp(): bool
    {
        return $this->to > $this->from;
    }
}
