<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Hold;
use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Target;

/**
 * Both bodies while an answer is run: the only thing in the core that changes. What is left of it is {@see Frame}.
 *
 * Metres and degrees as in {@see Point}.
 */
final class Scene
{
    /** How much lower everything of an attacker who sits astride is, as a share of the attacker's stature. */
    public const ASTRIDE = 0.45;

    /** Where a hand that holds a wrist is, as a share of the defender's stature above the floor. */
    public const WRIST = 0.58;

    /** What is aimed so high is at head height, as a share of the defender's stature. */
    private const HEAD = 0.85;

    /** On all fours: how far the head is before the axis, as a share of the stature. */
    private const AHEAD = 0.3;

    /** The defender's axis, midpoint of the feet; moved with them by {@see self::placeFeet()}. */
    public float $x = 0.0;
    public float $y = 0.0;

    public float $leftX = 0.0;
    public float $leftY = 0.0;
    public float $rightX = 0.0;
    public float $rightY = 0.0;
    public float $facing = 0.0;
    public float $crouch = 0.0;
    public float $slipX = 0.0;
    public float $slipY = 0.0;
    public Posture $posture = Posture::Standing;

    /** Whether the way the defender faces is written for this beat, so that nothing turns the body. */
    public bool $isFacingWritten = false;

    /** Whether the feet stand as far apart as the defender set them, until they are closed. */
    public bool $isSpread = false;

    /** The hand that `held hand` means, whether it is still held or not. */
    public Limb $heldHand = Limb::RightHand;

    /** Where the held wrist is, as a share of the defender's stature above the floor. */
    public float $wrist = self::WRIST;

    public float $attackerX = 0.0;
    public float $attackerY = 0.0;
    public float $attackerFacing = 0.0;
    public Posture $attackerPosture = Posture::Standing;
    public bool $isAstride = false;

    /**
     * Seconds at which the attacker's posture, and the attacker's being turned away, are over; null where neither is
     * on.
     */
    public ?float $postureUntil = null;
    public ?float $turnedUntil = null;

    /** @var array<string, true> the attacker's arms that are gone, by `left` and `right` */
    public array $armsGone = [];

    /** A limb of the attacker's that is out after a blow or a hold that was stopped, and through which beat, from 0. */
    public ?OutLimb $out = null;

    public int $outThrough = 0;

    /** One that was pulled back since it came. */
    public ?OutLimb $goneBack = null;

    /** Whether the attacker folds for a moment, once the beat is over. */
    public bool $isBent = false;

    /** Whether the defender went round the attacker in this beat, so that no way led through. */
    public bool $wentBehind = false;

    /** Whether an arm of the attacker's was in the way when the defender went behind. */
    public bool $isBarredBehind = false;

    /** @var array<string, Grip> by hand of the defender's */
    public array $grips = [];

    public float $time = 0.0;

    /** Beats that are over. */
    public int $beats = 0;

    /** Whether a second attack comes in the next beat. */
    public bool $followUpIsDue = false;

    /** @param float $holdDistance metres between the axes at which a hold is on from the start */
    public function __construct(
        public readonly Bodies $bodies,
        public Hold $hold,
        public readonly float $holdDistance,
    ) {}

    /** Sets both feet, and with them the axis. */
    public function placeFeet(float $leftX, float $leftY, float $rightX, float $rightY): void
    {
        [$this->leftX, $this->leftY, $this->rightX, $this->rightY] = [$leftX, $leftY, $rightX, $rightY];
        $this->x = ($leftX + $rightX) / 2;
        $this->y = ($leftY + $rightY) / 2;
    }

    /** Takes over everything that changes from a scene of the same bodies and hold. */
    public function become(self $other): void
    {
        foreach (get_object_vars($other) as $name => $value) {
            if ($name !== 'bodies' && $name !== 'holdDistance') {
                $this->{$name} = $value;
            }
        }
    }

    /** Whether the defender can turn with a strike: nothing holds the body fast, and the defender is on the feet. */
    public function canTurn(): bool
    {
        return $this->posture !== Posture::Lying && ! $this->isFacingWritten && ! $this->hold->fixesBody();
    }

    /** Whether a target is on what holds the defender, so that it is at hand whichever way the defender faces. */
    public function isHeldAt(Target $target): bool
    {
        return $this->hold->isOn() && ($target->isOfForearm() || $target === Target::Elbow);
    }

    public function distance(): float
    {
        return hypot($this->attackerX - $this->x, $this->attackerY - $this->y);
    }

    /** Degrees in which the attacker is from the defender. */
    public function bearingToAttacker(): float
    {
        return Angle::of($this->attackerX - $this->x, $this->attackerY - $this->y);
    }

    public function carryDefender(float $x, float $y): void
    {
        $this->placeFeet($this->leftX + $x, $this->leftY + $y, $this->rightX + $x, $this->rightY + $y);
    }

    /** Moves the attacker along the line of the axes: away from the defender above 0, toward below. */
    public function moveAttacker(float $metres): void
    {
        $bearing = deg2rad($this->bearingToAttacker());
        $this->attackerX += $metres * sin($bearing);
        $this->attackerY += $metres * cos($bearing);
    }

    /** Height of a share of the defender's stature, as posture and crouch have it. */
    public function height(float $share): float
    {
        return $this->posture->height($share, $this->bodies->defender, $this->crouch);
    }

    /**
     * Where the defender's head is, seen from above: over the axis, off it while it slips, before it on all fours.
     *
     * @return array{float, float}
     */
    public function head(): array
    {
        $ahead = $this->posture === Posture::AllFours ? self::AHEAD * $this->bodies->defender : 0.0;

        return [
            $this->x + $this->slipX + $ahead * sin(deg2rad($this->facing)),
            $this->y + $this->slipY + $ahead * cos(deg2rad($this->facing)),
        ];
    }

    /** Height of one of the defender's joints. */
    public function jointHeight(float $share): float
    {
        return $this->posture === Posture::Lying ? 0.1 * $this->bodies->defender : $this->height($share);
    }

    /** Height of a share of the attacker's stature as a target. */
    public function attackerHeight(float $share, bool $isOfHead): float
    {
        return $this->attackerPosture->height(
            $share,
            $this->bodies->attacker,
            0.0,
            $isOfHead,
            $this->isAstride ? self::ASTRIDE : 0.0,
        );
    }

    /** Height of one of the attacker's joints. */
    public function attackerJointHeight(float $share): float
    {
        return $this->attackerPosture === Posture::Lying
            ? 0.1 * $this->bodies->attacker
            : $this->attackerHeight($share, false);
    }

    /** Whether the attacker can turn and walk unaided. */
    public function isAttackerFree(): bool
    {
        return $this->turnedUntil === null && $this->attackerPosture !== Posture::Lying && ! $this->hasGripOnArm();
    }

    public function hasGripOnArm(?Hand $arm = null): bool
    {
        foreach ($this->grips as $grip) {
            if ($grip->arm !== null && ($arm === null || $grip->arm === $arm)) {
                return true;
            }
        }

        return false;
    }

    public function hasGripOnHead(): bool
    {
        foreach ($this->grips as $grip) {
            if ($grip->target?->isOfHead() === true) {
                return true;
            }
        }

        return false;
    }

    public function hasGripOnLeg(Hand $leg): bool
    {
        foreach ($this->grips as $grip) {
            if ($grip->leg === $leg) {
                return true;
            }
        }

        return false;
    }

    /** Draws the attacker along where a hold, or a grip of the defender's, would be stretched by more than 20 cm. */
    public function capDistance(): void
    {
        $most = $this->hold->isOn() ? $this->holdDistance : INF;
        foreach ($this->grips as $grip) {
            $most = min($most, $grip->takenAt);
        }
        $excess = $this->distance() - $most - 0.2;
        if ($excess > 0 && is_finite($excess)) {
            $this->moveAttacker(-$excess);
        }
    }

    /**
     * Keeps the bodies from passing through each other: when the attacker came too near on the straight way from where
     * the attacker was before relative to the defender, the attacker ends beside the defender on the bearing that the
     * attacker had before.
     */
    public function keepApart(float $beforeX, float $beforeY): void
    {
        if ($this->posture === Posture::Lying || $this->wentBehind) {
            return;
        }
        [$x, $y] = [$this->x, $this->y];
        [$alongX, $alongY] = [$this->attackerX - $x - $beforeX, $this->attackerY - $y - $beforeY];
        $length = $alongX ** 2 + $alongY ** 2;
        $share = $length > 0 ? max(0.0, min(1.0, -($beforeX * $alongX + $beforeY * $alongY) / $length)) : 0.0;
        $least = $this->bodies->least();
        if (hypot($beforeX + $share * $alongX, $beforeY + $share * $alongY) >= $least - 1e-9) {
            return;
        }
        $before = hypot($beforeX, $beforeY);
        if ($before > 0) {
            $this->attackerX = $x + ($beforeX / $before) * $least;
            $this->attackerY = $y + ($beforeY / $before) * $least;
        }
    }

    /**
     * Ends the effects whose time is up; the attacker then stands and faces again.
     *
     * @return list<WornOff>
     */
    public function wearOff(): array
    {
        $over = [];
        if ($this->postureUntil !== null && $this->time >= $this->postureUntil - 1e-9) {
            $effect = match ($this->attackerPosture) {
                Posture::Folded => Effect::Folded,
                Posture::Kneeling => Effect::Kneeling,
                default => Effect::Dropped,
            };
            $over[] = new WornOff($effect, $this->time - $this->postureUntil);
            $this->standAttackerUp();
        }
        if ($this->turnedUntil !== null && $this->time >= $this->turnedUntil - 1e-9) {
            $over[] = new WornOff(Effect::Turned, $this->time - $this->turnedUntil);
            $this->faceDefender();
        }

        return $over;
    }

    /** All that lasts on the attacker for a time is over. */
    public function recover(): void
    {
        $this->standAttackerUp();
        if ($this->turnedUntil !== null) {
            $this->faceDefender();
        }
    }

    /** Whether an arm of the attacker's on this side is out as high as the defender's head. */
    public function hasArmAtHeadHeight(Hand $side): bool
    {
        return ($this->hold->keeps($side) && $this->hold->isHigh())
            || ($this->out !== null && ! $this->out->isLeg && $this->out->isOf($side) && $this->out->aim >= self::HEAD);
    }

    /** Takes back a limb that is out, unless it still is, or a hand of the defender's grips it. */
    public function takeBack(Recoil $recoil): void
    {
        if ($this->out === null || $this->beats <= $this->outThrough || $this->isGripped($this->out)) {
            return;
        }
        $this->goneBack = $recoil === Recoil::PulledBack ? $this->out : null;
        $this->out = null;
    }

    private function isGripped(OutLimb $limb): bool
    {
        foreach ([Hand::Left, Hand::Right] as $side) {
            if ($limb->isOf($side) && ($limb->isLeg ? $this->hasGripOnLeg($side) : $this->hasGripOnArm($side))) {
                return true;
            }
        }

        return false;
    }

    public function endGrips(): void
    {
        $this->grips = [];
    }

    public function loseGrip(Limb $hand): void
    {
        unset($this->grips[$hand->value]);
    }

    public function defender(): Stance
    {
        $axis = new Point($this->x, $this->y);

        return new Stance(
            new Feet($axis, new Point($this->leftX, $this->leftY), new Point($this->rightX, $this->rightY)),
            new Point(...$this->head()),
            $this->facing,
            $this->posture,
            $this->crouch,
            $this->bodies->defender,
            $this->isAstride,
        );
    }

    public function attacker(): Stance
    {
        $axis = new Point($this->attackerX, $this->attackerY);
        $half = 0.0955 * $this->bodies->attacker;
        [$headX, $headY] = $this->attackerHead();

        return new Stance(
            new Feet(
                $axis,
                $axis->toward($this->attackerFacing - 90, $half),
                $axis->toward($this->attackerFacing + 90, $half),
            ),
            new Point($headX, $headY),
            $this->attackerFacing,
            $this->attackerPosture,
            0.0,
            $this->bodies->attacker,
            $this->isAstride,
        );
    }

    /**
     * Where the attacker's head is, seen from above: folded, it is a quarter of the attacker's stature nearer to the
     * defender's axis, but never nearer than the breadth of a body.
     *
     * @return array{float, float}
     */
    public function attackerHead(): array
    {
        if ($this->attackerPosture !== Posture::Folded) {
            return [$this->attackerX, $this->attackerY];
        }
        $height = $this->bodies->attacker;
        $distance = $this->distance();
        $shift = max(0.0, min(0.25 * $height, $distance - Bodies::SURFACE * $height));
        $bearing = deg2rad($this->bearingToAttacker());

        return [$this->attackerX - $shift * sin($bearing), $this->attackerY - $shift * cos($bearing)];
    }

    private function standAttackerUp(): void
    {
        if ($this->attackerPosture === Posture::Lying) {
            $this->faceDefender();
        }
        $this->attackerPosture = Posture::Standing;
        $this->postureUntil = null;
    }

    private function faceDefender(): void
    {
        $this->attackerFacing = Angle::of($this->x - $this->attackerX, $this->y - $this->attackerY);
        $this->turnedUntil = null;
    }
}
