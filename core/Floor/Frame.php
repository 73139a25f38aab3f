<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use Closure;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Condition;
use StoneDrill\Core\Technique\Verb;

/**
 * Everything that is to be known of one beat: where both stand at its end and what happened in it. A plain value;
 * whatever is drawn or checked is drawn and checked from it.
 */
final readonly class Frame
{
    /** Whether a hold is on at its end. */
    public bool $isHeld;

    /** @var list<Hit> the strikes in it, in written order */
    public array $hits;

    /** @var list<Grasp> the controls in it that need a reach, in written order */
    public array $grasps;

    /** @var list<Threat> the attacker's free weapons that reach */
    public array $reaching;

    /**
     * @param string     $number    `0` for the start, `1`, `2`, `2.1`
     * @param ?Beat      $beat      null at the start, and where only the attacker acts
     * @param ?Condition $condition the what-if that this beat is the first of
     * @param float      $startsAt  seconds from the start of the answer
     * @param float      $time      seconds at its end
     * @param Positions|Closure(): Positions $where both at its end, or what works it out: most of those who ask whether
     *     a
     *                                              line works never look
     */
    public function __construct(
        public string $number,
        public ?Beat $beat,
        public ?Condition $condition,
        public float $startsAt,
        public float $time,
        private Positions|Closure $where,
        public Movement $movement,
        public Events $events,
    ) {
        $this->isHeld = $events->hold->isOn();
        $hits = $grasps = [];
        foreach ($events->performed as $done) {
            if ($done->hit !== null) {
                $hits[] = $done->hit;
            }
            if ($done->grasp !== null) {
                $grasps[] = $done->grasp;
            }
        }
        $reaching = [];
        foreach ($where instanceof Positions ? $where->threats : [] as $threat) {
            if ($threat->reaches()) {
                $reaching[] = $threat;
            }
        }
        [$this->hits, $this->grasps, $this->reaching] = [$hits, $grasps, $reaching];
    }

    public function positions(): Positions
    {
        return $this->where instanceof Positions ? $this->where : ($this->where)();
    }

    public function isOnMainLine(): bool
    {
        return ! str_contains($this->number, '.');
    }

    /** Metres the defender's axis moved. */
    public function moved(): float
    {
        return $this->movement->from->distanceTo($this->positions()->defender->feet->axis);
    }

    /** Seconds that it takes. */
    public function seconds(): float
    {
        return $this->time - $this->startsAt;
    }

    /** Whether one of its actions is one of these verbs. */
    public function does(Verb ...$verbs): bool
    {
        return $this->beat !== null && $this->beat->does(...$verbs);
    }

    /** Whether a strike of it gets to where it is meant, at the half of the body and in the arc it takes. */
    public function strikesHome(): bool
    {
        foreach ($this->hits as $hit) {
            if ($hit->reaches() && $hit->aim->isFaced && $hit->aim->isInArc) {
                return true;
            }
        }

        return false;
    }

    /** Whether the defender has the attacker locked, pinned or choked at its end. */
    public function hasAttackerHeld(): bool
    {
        foreach ($this->events->grips as $grip) {
            if (in_array($grip->verb, [Verb::Lock, Verb::Pin, Verb::ChokeHold], true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a hand of the attacker's reaches the head. */
    public function isReachedByHand(): bool
    {
        foreach ($this->reaching as $threat) {
            if ($threat->isHand) {
                return true;
            }
        }

        return false;
    }
}
