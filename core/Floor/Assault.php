<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Blow;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Hold;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** What becomes of an attack that comes in a beat: it lands unless something keeps it from landing. */
final readonly class Assault
{
    /** Least distance, as a share of the defender's stature, off the line on which the attacker came. */
    private const OFF = 0.12;

    /** How much a crouch must grow to take the head under a blow, as a share of the defender's stature. */
    private const UNDER = 0.1;

    /**
     * Nearer than this share of the attacker's stature, and than this share of the contact distance, one is inside what
     * comes round.
     */
    private const INSIDE = 0.21;
    private const INSIDE_OF_CONTACT = 0.8;

    /** What a reaching hold still takes in, in metres. */
    private const HOLD_SLACK = 0.15;

    /** Nearer than this share of the attacker's stature, a second swing misses. */
    private const INSIDE_SECOND = 0.25;

    /** Up to this height, as a share of the defender's stature, a foot or knee that blocks stops a kick. */
    private const LEG_BLOCKS = 0.53;

    /** How much nearer shin and knee of a leg that kicks are on its way, as a share of the attacker's stature. */
    private const LEG_AHEAD = 0.2;

    public function __construct(
        private Kind $kind,
        private Facets $facets,
        private Opening $opening,
        private Striker $striker,
        private Setting $setting,
    ) {}

    /**
     * The attack itself: the attacker advances straight at where the defender was at the start, and it is judged.
     *
     * @param list<Action> $actions of the defender's, in this beat
     * @param float        $crouch  what the crouch was before it
     * @param bool         $isUsual whether what is elastic goes as far as usual: no other length saves by being inside
     */
    public function come(Scene $scene, array $actions, float $crouch, bool $isUsual = true): Delivery
    {
        $delivery = $this->arrive($scene, $actions, $crouch, $isUsual);
        $scene->outThrough = $scene->beats
        + (int) ($delivery->verdict === Verdict::Stopped && $this->setting->recoil === Recoil::LeftOut);
        $scene->goneBack = null;

        return $delivery;
    }

    /** @param list<Action> $actions */
    private function arrive(Scene $scene, array $actions, float $crouch, bool $isUsual): Delivery
    {
        $bearing = $this->facets->bearing->toDegrees();
        $line = Angle::round($bearing + 180);
        $advance = $this->opening->advance($scene->bodies);
        $blow = $this->opening->blow;
        $scene->attackerFacing = $line;
        if ($blow !== null) {
            $contact = hypot($scene->attackerX, $scene->attackerY) - $advance;
            $isMet = $this->isMet($scene, $actions, $blow, $line, $advance / 2);
            $isNearer = hypot($scene->x - $scene->attackerX, $scene->y - $scene->attackerY)
            < hypot($scene->attackerX, $scene->attackerY) - 1e-9;
            $this->advanceAttacker($scene, $line, $advance);
            $scene->out = $this->opening->out();

            return $this->judge(
                $scene,
                $actions,
                $blow,
                $this->opening->side,
                $line,
                $crouch,
                $isUsual ? self::INSIDE_OF_CONTACT * $contact : 0.0,
                false,
                $isMet,
                ! $isNearer,
            );
        }
        $this->advanceAttacker($scene, $line, $advance);
        $scene->out = $this->opening->out();
        $out = $scene->distance() - $scene->holdDistance - self::HOLD_SLACK;
        $off = $this->offLine($scene, $line, $scene->x, $scene->y) - self::OFF * $scene->bodies->defender;
        $verdict = match (true) {
            $this->isStopped($scene, $actions, null, true) => Verdict::Stopped,
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
        $side = $this->facets->hand->isOne() && ! ($this->opening->blow?->isByLeg() ?? false)
            ? $this->facets->hand->mirror()
            : Hand::Right;
        if (
            $scene->turnedUntil !== null
            || $scene->attackerPosture === Posture::Lying
            || isset($scene->armsGone[$side->value])
            || $scene->hold->keeps($side)
            || $scene->hasGripOnArm($side)
        ) {
            return null;
        }
        $first = $this->opening->blow;
        $blow = $first === Blow::Swing || $first === Blow::Slap ? Blow::Swing : Blow::Straight;
        $scene->attackerFacing = $line;
        $isMet = $this->isMet($scene, $actions, $blow, $line, 0.0);
        $scene->out = new OutLimb($side, false, $blow->aim());
        $delivery = $this->judge(
            $scene,
            $actions,
            $blow,
            $side,
            $line,
            $crouch,
            self::INSIDE_SECOND * $scene->bodies->attacker,
            true,
            $isMet,
        );
        $scene->outThrough = $scene->beats
        + (int) ($delivery->verdict === Verdict::Stopped && $this->setting->recoil === Recoil::LeftOut);
        $scene->goneBack = null;

        return $delivery;
    }

    /** @param list<Action> $actions */
    private function judge(
        Scene $scene,
        array $actions,
        Blow $blow,
        Hand $side,
        float $line,
        float $crouch,
        float $inside,
        bool $isFollowUp,
        bool $isMet,
        bool $isRidden = false,
    ): Delivery {
        $own = $scene->bodies->defender;
        $offset = Weapons::offset($scene, $side, $blow->isByLeg());
        $facing = deg2rad($line);
        [$pointX, $pointY] = $blow->isHigh() ? $scene->head() : [$scene->x, $scene->y];
        $distance = hypot(
            $pointX - $scene->attackerX - $offset * cos($facing),
            $pointY - $scene->attackerY + $offset * sin($facing),
        );
        $out = $distance
        - Bodies::SURFACE * $own
        - Weapons::reach($scene, $blow->chain(), $blow->isByLeg(), $scene->height($blow->aim()));
        $off = $this->offLine($scene, $line, $pointX, $pointY) - self::OFF * $own;
        $apart = $scene->distance();
        $verdict = match (true) {
            $this->isStopped($scene, $actions, $blow, false) => Verdict::Stopped,
            $isRidden && $blow === Blow::Push && self::does($actions, Verb::Ride) => Verdict::Ridden,
            $isMet => Verdict::Intercepted,
            $blow->isHigh() && $scene->crouch - $crouch >= self::UNDER * $own - 1e-9 => Verdict::Under,
            $out > 1e-9 => Verdict::Out,
            ! $blow->isRound() && $off >= -1e-9 => Verdict::Off,
            $blow->isRound() && $apart < $inside && ($isFollowUp || $apart < self::INSIDE * $scene->bodies->attacker)
                => Verdict::Inside,
            default => Verdict::Lands,
        };

        if ($blow === Blow::Dive && $verdict === Verdict::Stopped) {
            $scene->attackerPosture = Posture::Folded;
            $scene->postureUntil = null;
            $scene->isBent = true;
        }

        return new Delivery($isFollowUp, $verdict, $out, $off);
    }

    /**
     * Whether a limb that moves freely stops it: any that blocks, parries or covers; a foot or knee that blocks a low
     * kick; a hand that catches what comes with one hand or to hold; a dive only both hands.
     *
     * @param list<Action> $actions
     * @param ?Blow        $blow    null for a hold that reaches
     */
    private function isStopped(Scene $scene, array $actions, ?Blow $blow, bool $isHold): bool
    {
        $isCaught = $isHold || ($blow === Blow::Push && $this->facets->hand->isOne());
        foreach ($actions as $action) {
            $verb = $action->verb;
            if (! ($verb instanceof Verb) || $action->limb === null) {
                continue;
            }
            if (! $action->limb->isHand()) {
                if (
                    $blow !== null
                    && $blow->isByLeg()
                    && $blow->aim() <= self::LEG_BLOCKS
                    && $verb === Verb::Block
                    && $this->standsBeside($scene, $action->limb, $actions)
                ) {
                    return true;
                }

                continue;
            }
            $stops = $blow === Blow::Dive
                ? $action->limb === Limb::BothHands
                    && in_array($verb, [Verb::Block, Verb::Shove, Verb::Press], true)
                : $verb->stops() || ($isCaught && $verb->catches());
            if (! $stops) {
                continue;
            }
            $limb = Hands::limb($scene, $action->limb, $actions);
            $free = array_filter(
                $limb->singles(),
                static fn (Limb $single): bool => $scene->hold->status($single)->isFree(),
            );
            if ($blow === Blow::Dive ? count($free) === 2 : $free !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether the foot beside a leg that blocks is on the floor.
     *
     * @param list<Action> $actions
     */
    private function standsBeside(Scene $scene, Limb $leg, array $actions): bool
    {
        foreach ($actions as $action) {
            $isOther = $action->limb !== null && $action->limb->hasSide() && $action->limb->isLeft() !== $leg->isLeft();
            $lifts = $action->verb instanceof Strike
                ? $action->verb->liftsFoot() && $isOther
                : $action->verb->movesBothFeet()
                    || ($isOther
                        && ($action->verb->movesFeet() || ($action->is(Verb::Block) && ! $action->limb->isHand())));
            if ($lifts || $action->manner->jumping) {
                return false;
            }
        }

        return $scene->posture === Posture::Standing;
    }

    /** @param list<Action> $actions */
    private static function does(array $actions, Verb $verb): bool
    {
        foreach ($actions as $action) {
            if ($action->is($verb)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether a kick of the defender's, or a straight strike with a longer chain, reaches the attacker on the
     * attacker's way in.
     *
     * @param list<Action> $actions
     * @param float        $way     metres of the attacker's way that the attacker has come by then
     */
    private function isMet(Scene $scene, array $actions, Blow $blow, float $line, float $way): bool
    {
        foreach ($actions as $action) {
            $strike = $action->verb;
            if (! ($strike instanceof Strike)) {
                continue;
            }
            $isLonger = $strike->isStraight()
            && $strike->chain() * $scene->bodies->defender > $blow->chain() * $scene->bodies->attacker + 1e-9;
            if (! $strike->isKick() && ! $isLonger) {
                continue;
            }
            $halfway = clone $scene;
            $this->advanceAttacker($halfway, $line, $way);
            $hit = $this->striker->hit($halfway, $action, $actions);
            if (
                $hit === null
                || $hit->measure->margin === null
                || ($hit->aim->turn !== 0.0 && $strike !== Strike::SideKick && $strike !== Strike::HookKick)
            ) {
                continue;
            }
            $ahead = $blow->isByLeg() && in_array($hit->target, [Target::Shin, Target::Knee], true)
                ? self::LEG_AHEAD * $scene->bodies->attacker
                : 0.0;
            if ($hit->measure->margin + $ahead >= -$this->setting->close - 1e-9) {
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

    /** Metres of a place off the line that leads through the attacker this way. */
    private function offLine(Scene $scene, float $line, float $x, float $y): float
    {
        return abs(($x - $scene->attackerX) * cos(deg2rad($line)) - ($y - $scene->attackerY) * sin(deg2rad($line)));
    }
}
