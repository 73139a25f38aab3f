<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

use StoneDrill\Core\Technique\Limb;

/**
 * What of a hold is still on: which of the attacker's arms hold, and what they keep from the defender.
 */
final readonly class Hold
{
    /**
     * @param array<string, list<Hand>> $wrists the hands of the attacker's that hold it, by `left` and `right` of the
     *     defender's
     * @param list<Hand>                $arms   those of the attacker's that hold
     */
    private function __construct(private Kind $kind, private array $wrists, private array $arms) {}

    /** The hold of a kind done with this hand, all of it on; for what is no hold there is none. */
    public static function of(Kind $kind, Hand $hand): self
    {
        if (! $kind->start->isHold()) {
            return self::none($kind);
        }
        $arms = $kind->attackerLimbs === [AttackerLimb::Hand] && $hand->isOne() ? [$hand] : [Hand::Left, Hand::Right];

        return new self($kind, self::wristsHeld($kind, $hand, $arms), $arms);
    }

    public static function none(Kind $kind): self
    {
        return new self($kind, [], []);
    }

    public function isOn(): bool
    {
        return $this->arms !== [];
    }

    /** Whether this arm of the attacker's holds. */
    public function keeps(Hand $side): bool
    {
        return in_array($side, $this->arms, true);
    }

    /** Whether a strip can end it: grabs, and chokes with two hands. */
    public function canBeStripped(): bool
    {
        return $this->kind->family === Family::Grab
            || ($this->kind->family === Family::Choke && $this->kind->hands === [Hand::Both]);
    }

    /**
     * The hold after these hands of the defender stripped it: of two held wrists each hand frees only its own, of
     * everything else any hand frees all.
     */
    public function strippedBy(Limb ...$hands): self
    {
        if (! $this->canBeStripped()) {
            return $this;
        }
        if ($this->kind->defenderHolds !== [DefenderHold::Wrists]) {
            return self::none($this->kind);
        }
        $wrists = $this->wrists;
        foreach ($hands as $hand) {
            unset($wrists[$hand === Limb::LeftHand ? 'left' : 'right']);
        }

        return $this->withWrists($wrists);
    }

    /** The hold without this arm of the attacker's; one that needs both arms ends with either. */
    public function withoutArm(Hand $side): self
    {
        if ($this->kind->attackerLimbs === [AttackerLimb::Arms]) {
            return self::none($this->kind);
        }
        $wrists = [];
        foreach ($this->wrists as $wrist => $hands) {
            $left = array_values(array_filter($hands, static fn (Hand $hand): bool => $hand !== $side));
            if ($left !== []) {
                $wrists[$wrist] = $left;
            }
        }

        return $this->wrists === []
            ? new self(
                $this->kind,
                [],
                array_values(array_filter($this->arms, static fn (Hand $arm): bool => $arm !== $side)),
            )
            : $this->withWrists($wrists);
    }

    /** Whether it holds this hand of the defender's at the wrist. */
    public function holdsWristOf(Limb $limb): bool
    {
        return ($limb === Limb::LeftHand && isset($this->wrists['left']))
            || ($limb === Limb::RightHand && isset($this->wrists['right']));
    }

    /** The hand of the defender's whose wrist it holds, the left of two; null where it holds none. */
    public function heldHand(): ?Limb
    {
        return isset($this->wrists['left']) ? Limb::LeftHand : (isset($this->wrists['right']) ? Limb::RightHand : null);
    }

    /** Whether it keeps the defender's arms at the body. */
    public function pinsArms(): bool
    {
        return $this->isOn() && in_array(DefenderHold::ArmsPinned, $this->kind->defenderHolds, true);
    }

    /**
     * Whether the defender cannot turn in it: hugs, head holds, both wrists, two hands on one, chokes from behind,
     * pinned arms.
     */
    public function fixesBody(): bool
    {
        return $this->isOn()
            && ($this->kind->family === Family::Hug
                || $this->kind->family === Family::Head
                || in_array($this->kind->id, ['wrist-double', 'wrist-both'], true)
                || ($this->kind->family === Family::Choke && array_diff($this->kind->bearings, [4, 5, 6, 7, 8]) === [])
                || $this->pinsArms());
    }

    /** Whether it holds as high as the defender's head. */
    public function isHigh(): bool
    {
        return $this->isOn() && $this->kind->holdsAt() >= 0.85;
    }

    /** What a limb of the defender's can do while it is on. */
    public function status(Limb $limb): LimbStatus
    {
        if (! $this->isOn()) {
            return new LimbStatus($limb, LimbState::Free);
        }
        if ($this->holdsWristOf($limb)) {
            $by = $this->wrists[$limb === Limb::LeftHand ? 'left' : 'right'];

            return new LimbStatus($limb, LimbState::Limited, LimbLimit::WristHeld, $by);
        }
        $isElbow = $limb === Limb::LeftElbow || $limb === Limb::RightElbow;
        if (in_array(DefenderHold::ArmsBlocked, $this->kind->defenderHolds, true) && ($limb->isHand() || $isElbow)) {
            return new LimbStatus($limb, LimbState::Blocked, LimbLimit::Threaded);
        }
        if ($this->pinsArms() && $limb->isHand()) {
            return new LimbStatus($limb, LimbState::Limited, LimbLimit::HandPinned);
        }
        if ($this->pinsArms() && $isElbow) {
            return new LimbStatus($limb, LimbState::Blocked, LimbLimit::ElbowPinned);
        }

        return new LimbStatus($limb, LimbState::Free);
    }

    /** @return list<string> what holds what, such as `right hand on left wrist` or `both arms` */
    public function names(): array
    {
        if (! $this->isOn()) {
            return [];
        }
        if ($this->wrists === []) {
            $busy = $this->kind->attackerLimbs === [AttackerLimb::Arms] ? 'arm' : 'hand';

            return [count($this->arms) === 2 ? "both {$busy}s" : $this->arms[0]->value.' '.$busy];
        }
        $texts = [];
        foreach ($this->wrists as $wrist => $hands) {
            $texts[] = sprintf(
                '%s on %s wrist',
                count($hands) === 2 ? 'both hands' : $hands[0]->value.' hand',
                $wrist,
            );
        }

        return $texts;
    }

    /** @param array<string, list<Hand>> $wrists */
    private function withWrists(array $wrists): self
    {
        $arms = array_merge([], ...array_values($wrists));

        return new self(
            $this->kind,
            $wrists,
            array_values(
                array_filter([Hand::Left, Hand::Right], static fn (Hand $arm): bool => in_array($arm, $arms, true)),
            ),
        );
    }

    /**
     * @param list<Hand> $arms
     *
     * @return array<string, list<Hand>>
     */
    private static function wristsHeld(Kind $kind, Hand $hand, array $arms): array
    {
        $both = ['left' => [Hand::Right], 'right' => [Hand::Left]];
        if ($kind->holdsWrist() && ! $hand->isOne()) {
            return $both;
        }

        return match ($kind->defenderHolds) {
            [DefenderHold::WristOpposite] => [$hand->mirror()->value => $arms],
            [DefenderHold::WristSame] => [$hand->value => $arms],
            [DefenderHold::Wrists] => $both,
            default => [],
        };
    }
}
