<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Answer\Beat;
use StoneDrill\Core\Answer\Condition;
use StoneDrill\Core\Answer\Effect;
use StoneDrill\Core\Answer\Verb;
use StoneDrill\Core\Attack\Hold;

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

    /** @var list<Threat> those of his weapons that reach */
    public array $reaching;

    /**
     * @param string              $number      `0` for the start, `1`, `2`, `2.1`
     * @param ?Beat               $beat        null at the start, and where only the attacker acts
     * @param ?Condition          $condition   the what-if that this beat is the first of
     * @param float               $startsAt    seconds from the start of the answer
     * @param float               $time        seconds at its end
     * @param Stance              $defender    at the end
     * @param Stance              $attacker    at the end
     * @param Point               $from        where the defender's axis was before
     * @param float               $facedAt     the way the defender faced before its feet, pivots left in
     * @param Hold                $hold        what is still on at the end
     * @param array<string, Grip> $grips       by hand of the defender's, at the end
     * @param list<Deed>          $deeds       in written order
     * @param list<Threat>        $threats     every weapon of his that is free, reaching or not
     * @param list<WornOff>       $wornOff     effects that ended before it began
     * @param ?Effect             $effect      what was assumed to happen
     * @param bool                $heldBefore  whether a hold was on when it began
     * @param bool                $carried     whether a hold that moves carried both
     * @param bool                $feetMoved   whether a foot of the defender's moved
     * @param bool                $turned      whether the defender pivoted or turned under
     * @param bool                $isInside    whether the defender stands between his arms
     * @param float               $faceSeconds seconds until he faces the defender
     * @param ?float              $fistReach   metres from a shoulder within which a fist meets his chin; null where it is too high
     */
    public function __construct(
        public string $number,
        public ?Beat $beat,
        public ?Condition $condition,
        public float $startsAt,
        public float $time,
        public Stance $defender,
        public Stance $attacker,
        public Point $from,
        public float $facedAt,
        public float $distance,
        public Sector $sector,
        public Hold $hold,
        public array $grips,
        public ?Verdict $delivery,
        public array $deeds,
        public array $threats,
        public array $wornOff,
        public ?Effect $effect,
        public bool $heldBefore,
        public bool $carried,
        public bool $feetMoved,
        public bool $turned,
        public bool $isInside,
        public float $faceSeconds,
        public ?float $fistReach,
    ) {
        $this->isHeld = $hold->isOn();
        $hits = [];
        foreach ($deeds as $deed) {
            if ($deed->hit !== null) {
                $hits[] = $deed->hit;
            }
        }
        $reaching = [];
        foreach ($threats as $threat) {
            if ($threat->reaches()) {
                $reaching[] = $threat;
            }
        }
        [$this->hits, $this->reaching] = [$hits, $reaching];
    }

    /** @return list<string> what holds what, at the end */
    public function holds(): array
    {
        return $this->hold->toTexts();
    }

    public function isOnMainLine(): bool
    {
        return ! str_contains($this->number, '.');
    }

    /** Metres the defender's axis moved. */
    public function moved(): float
    {
        return $this->from->distanceTo($this->defender->axis);
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

    /** Whether a hand of his reaches the head. */
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
