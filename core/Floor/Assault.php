<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Blow;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Hold;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;

/** What becomes of an attack that comes in a beat: it lands unless something keeps it from landing. */
final readonly class Assault
{
    /** Least distance, as a share of the defender's stature, off the line on which the attacker came. */
    private const OFF = 0.12;

    /** How much a crouch must grow to take the head under a blow, as a share of the defender's stature. */
    private const UNDER = 0.10;

    /** Nearer than this share of the attacker's stature, and than this share of the contact distance, one is inside what comes round. */
    private const INSIDE = 0.21;
    private const INSIDE_OF_CONTACT = 0.8;

    /** What a reaching hold still takes in, in metres. */
    private const HOLD_SLACK = 0.15;

    public function __construct(private Kind $kind, private Facets $facets, private Opening $opening, private Striker $striker) {}

    /**
     * The attack itself: the attacker advances straight at where the defender was at the start, and it is judged.
     *
     * @param list<Action> $actions of the defender's, in this beat
     * @param float        $crouch  what the crouch was before it
     * @param bool         $isUsual whether what is elastic goes as far as usual: no other length saves by being inside
     */
    public function come(Scene $scene, array $actions, float $crouch, bool $isUsual = true): Delivery
    {
        $bearing = $this->facets->bearing->toDegrees();
        $line = Angle::round($bearing + 180);
        $advance = $this->opening->advance($scene->bodies);
        $blow = $this->opening->blow;
        $scene->attackerFacing = $line;
        if ($blow !== null) {
            $contact = hypot($scene->attackerX, $scene->attackerY) - $advance;
            $isMet = $this->isMet($scene, $actions, $blow->chain(), $line, $advance / 2);
            $this->advanceAttacker($scene, $line, $advance);

            return $this->judge($scene, $actions, $blow, $this->opening->side, $line, $crouch, $isUsual ? $contact : 0.0, false, $isMet);
        }
        $this->advanceAttacker($scene, $line, $advance);
        $out = $scene->distance() - $scene->holdDistance - self::HOLD_SLACK;
        $off = $this->offLine($scene, $line, 0.0, 0.0) - self::OFF * $scene->bodies->defender;
        $verdict = match (true) {
            $this->isStopped($scene, $actions, false) => Verdict::Stopped,
            $out > 1e-9 => Verdict::Out,
            $off >= -1e-9 => Verdict::Off,
            default => Verdict::Lands,
        };
        if ($verdict === Verdict::Lands) {
            $scene->hold = Hold::of($this->kind, $this->facets->hand);
        }

        return new Delivery(false, $verdict, $out, $off, true);
    }

    /**
     * A second attack with a free hand, thrown from where the attacker stands along the line of the axes.
     *
     * @param list<Action> $actions of the defender's, in this beat
     * @param float        $line    the way from the attacker to the defender when the beat began
     * @param float        $crouch  what the crouch was before it
     *
     * @return ?Delivery null when the attacker cannot throw it
     */
    public function followUp(Scene $scene, array $actions, float $line, float $crouch): ?Delivery
    {
        $side = $this->facets->hand->isOne() && ! ($this->opening->blow?->isByLeg() ?? false) ? $this->facets->hand->mirror() : Hand::Right;
        if ($scene->turnedUntil !== null || $scene->attackerPosture === Posture::Lying || isset($scene->armsGone[$side->value])
            || $scene->hold->keeps($side) || $scene->hasGripOnArm($side)) {
            return null;
        }
        $scene->attackerFacing = $line;
        $isMet = $this->isMet($scene, $actions, Blow::Straight->chain(), $line, 0.0);

        return $this->judge($scene, $actions, Blow::Straight, $side, $line, $crouch, 0.0, true, $isMet);
    }

    /** @param list<Action> $actions */
    private function judge(Scene $scene, array $actions, Blow $blow, Hand $side, float $line, float $crouch, float $contact, bool $isFollowUp, bool $isMet): Delivery
    {
        $own = $scene->bodies->defender;
        $offset = Weapons::offset($scene, $side, $blow->isByLeg());
        $facing = deg2rad($line);
        [$slipX, $slipY] = $blow->isHigh() ? [$scene->slipX, $scene->slipY] : [0.0, 0.0];
        $distance = hypot($scene->x + $slipX - $scene->attackerX - $offset * cos($facing), $scene->y + $slipY - $scene->attackerY + $offset * sin($facing));
        $out = $distance - Bodies::SURFACE * $own - Weapons::reach($scene, $blow->chain(), $blow->isByLeg(), $scene->height($blow->aim()));
        $off = $this->offLine($scene, $line, $slipX, $slipY) - self::OFF * $own;
        $apart = $scene->distance();
        $verdict = match (true) {
            $this->isStopped($scene, $actions, $blow === Blow::Dive) => Verdict::Stopped,
            $isMet => Verdict::Intercepted,
            $blow->isHigh() && $scene->crouch - $crouch >= self::UNDER * $own - 1e-9 => Verdict::Under,
            $out > 1e-9 => Verdict::Out,
            ! $blow->isRound() && $off >= -1e-9 => Verdict::Off,
            $blow->isRound() && $apart < self::INSIDE * $scene->bodies->attacker && $apart < self::INSIDE_OF_CONTACT * $contact => Verdict::Inside,
            default => Verdict::Lands,
        };

        return new Delivery($isFollowUp, $verdict, $out, $off);
    }

    /**
     * Whether a limb that moves freely stops it: any that blocks, parries or covers; a dive only both hands.
     *
     * @param list<Action> $actions
     */
    private function isStopped(Scene $scene, array $actions, bool $isDive): bool
    {
        foreach ($actions as $action) {
            $stops = $isDive
                ? $action->limb === Limb::BothHands && ($action->is(Verb::Block) || $action->is(Verb::Shove))
                : $action->verb instanceof Verb && $action->verb->stops();
            if (! $stops || $action->limb === null) {
                continue;
            }
            $limb = $this->striker->limb($scene, $action->limb, $actions);
            $free = array_filter($limb->singles(), static fn (Limb $single): bool => $scene->hold->status($single)->isFree());
            if ($isDive ? count($free) === 2 : $free !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether a kick of the defender's, or a straight strike with a longer chain, reaches the attacker on the attacker's way in.
     *
     * @param list<Action> $actions
     * @param float        $chain   of what the attacker comes with, as a share of the attacker's stature
     * @param float        $way     metres of the attacker's way that the attacker has come by then
     */
    private function isMet(Scene $scene, array $actions, float $chain, float $line, float $way): bool
    {
        foreach ($actions as $action) {
            $strike = $action->verb;
            if (! $strike instanceof Strike) {
                continue;
            }
            $isLonger = $strike->isStraight() && $strike->chain() * $scene->bodies->defender > $chain * $scene->bodies->attacker + 1e-9;
            if (! $strike->isKick() && ! $isLonger) {
                continue;
            }
            $halfway = clone $scene;
            $this->advanceAttacker($halfway, $line, $way);
            $hit = $this->striker->hit($halfway, $action, $actions);
            if ($hit !== null && ($hit->aim->turn === 0.0 || $strike === Strike::SideKick || $strike === Strike::HookKick) && $hit->measure->margin !== null && $hit->measure->margin >= 0) {
                return true;
            }
        }

        return false;
    }

    private function advanceAttacker(Scene $scene, float $line, float $metres): void
    {
        $scene->attackerX += $metres * sin(deg2rad($line));
        $scene->attackerY += $metres * cos(deg2rad($line));
    }

    /** Metres of the defender's axis, moved so far, off the line that leads through the attacker this way. */
    private function offLine(Scene $scene, float $line, float $x, float $y): float
    {
        return abs(($scene->x + $x - $scene->attackerX) * cos(deg2rad($line)) - ($scene->y + $y - $scene->attackerY) * sin(deg2rad($line)));
    }
}
