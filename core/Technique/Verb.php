<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** Everything an action can be besides a strike. */
enum Verb: string
{
    case Step = 'step';
    case Cross = 'cross';
    case Slide = 'slide';
    case Hop = 'hop';
    case Leave = 'leave';
    case Spread = 'spread';
    case Close = 'close';
    case Pivot = 'pivot';
    case TurnUnder = 'turn under';
    case Slip = 'slip';
    case Ride = 'ride';
    case GoBehind = 'go behind';
    case AllFours = 'all fours';
    case Drop = 'drop';
    case Rise = 'rise';
    case Kneel = 'kneel';
    case GetUp = 'get up';
    case Raise = 'raise';
    case Lower = 'lower';
    case Block = 'block';
    case Parry = 'parry';
    case Cover = 'cover';
    case Guard = 'guard';
    case Clamp = 'clamp';
    case Strip = 'strip';
    case Clear = 'clear';
    case Pull = 'pull';
    case Press = 'press';
    case Lift = 'lift';
    case Peel = 'peel';
    case Lock = 'lock';
    case Sweep = 'sweep';
    case Throw = 'throw';
    case Pin = 'pin';
    case ChokeHold = 'choke hold';
    case Shove = 'shove';
    case Escort = 'escort';
    case Join = 'join';
    case Tuck = 'tuck';
    case Post = 'post';
    case LetGo = 'let go';
    case Say = 'say';
    case Look = 'look';
    case Wait = 'wait';

    /** Which limb does it. */
    public function limbs(): LimbRule
    {
        return match ($this) {
            self::Step, self::Cross, self::Sweep => LimbRule::Foot,
            self::Slide,
            self::Hop,
            self::Leave,
            self::Spread,
            self::Close,
            self::Pivot,
            self::TurnUnder,
            self::Slip,
            self::Ride,
            self::GoBehind,
            self::AllFours,
            self::Drop,
            self::Rise,
            self::Kneel,
            self::GetUp => LimbRule::WholeBody,
            self::Block => LimbRule::HandOrLeg,
            self::Say, self::Look, self::Wait => LimbRule::None,
            self::Join, self::Tuck => LimbRule::HandIfAny,
            default => LimbRule::Hand,
        };
    }

    /** What follows the verb. */
    public function argument(): Argument
    {
        return match ($this) {
            self::Step,
            self::Cross,
            self::Slide,
            self::Hop,
            self::Leave,
            self::Pivot,
            self::TurnUnder,
            self::Slip => Argument::Bearing,
            self::Spread,
            self::Close,
            self::Ride,
            self::AllFours,
            self::Drop,
            self::Rise,
            self::Kneel,
            self::GetUp,
            self::Raise,
            self::Lower,
            self::LetGo => Argument::Nothing,
            self::GoBehind => Argument::Side,
            self::Look => Argument::BearingIfAny,
            self::Lock => Argument::Joint,
            self::Strip => Argument::Strip,
            self::Say => Argument::Words,
            self::Wait => Argument::Seconds,
            default => Argument::TargetOrBearing,
        };
    }

    /** Whether it moves something by a length that may be given as short, long or in metres. */
    public function hasLength(): bool
    {
        return match ($this) {
            self::Step, self::Cross, self::Slide, self::Hop, self::Leave, self::Spread, self::Slip, self::Drop => true,
            default => false,
        };
    }

    /** Whether it may end in the way the defender faces through it: any movement but those that turn. */
    public function mayFace(): bool
    {
        return $this->movesFeet()
            || in_array($this, [self::Slip, self::AllFours, self::Drop, self::Rise, self::Kneel, self::GetUp], true);
    }

    /** Whether it goes as far as its beat needs where no length is written. */
    public function isElastic(): bool
    {
        return match ($this) {
            self::Step, self::Cross, self::Slide, self::Hop => true,
            default => false,
        };
    }

    /** Seconds from its start to its end; a wait says its own. */
    public function seconds(): float
    {
        return match ($this) {
            self::Step => 0.35,
            self::Slide => 0.3,
            self::Cross => 0.4,
            self::Hop, self::TurnUnder => 0.45,
            self::Pivot, self::Drop, self::Rise => 0.25,
            self::Slip, self::Ride => 0.2,
            self::GoBehind => 0.6,
            self::AllFours => 0.45,
            self::Spread, self::Close => 0.3,
            self::Kneel => 0.5,
            self::GetUp => 1.2,
            self::Leave => 1.0,
            self::Block, self::Parry, self::Cover, self::Guard, self::Tuck, self::Join, self::Raise, self::Lower => 0.2,
            self::Clamp,
            self::Strip,
            self::Clear,
            self::Pull,
            self::Press,
            self::Shove,
            self::Lift,
            self::Peel,
            self::Post => 0.35,
            self::Lock, self::Sweep => 0.6,
            self::Throw => 0.9,
            self::ChokeHold => 1.5,
            self::Pin => 1.0,
            self::Escort => 2.0,
            self::Say, self::Look => 0.3,
            self::LetGo => 0.1,
            self::Wait => 0.0,
        };
    }

    /** Whether it moves at least one foot over the floor. */
    public function movesFeet(): bool
    {
        return match ($this) {
            self::Step,
            self::Cross,
            self::Slide,
            self::Hop,
            self::Leave,
            self::Spread,
            self::Close,
            self::Ride,
            self::GoBehind => true,
            default => false,
        };
    }

    /** Whether it moves both feet at once. */
    public function movesBothFeet(): bool
    {
        return $this->movesFeet() && $this !== self::Step && $this !== self::Cross;
    }

    /** Whether it turns the body in place. */
    public function turns(): bool
    {
        return $this === self::Pivot || $this === self::TurnUnder;
    }

    /** Whether the hand keeps what it took until it does something else. */
    public function grips(): bool
    {
        return match ($this) {
            self::Clamp, self::Lock, self::Pin, self::ChokeHold, self::Pull => true,
            default => false,
        };
    }

    /** Whether it works on a place of the attacker's that the limb has to get to. */
    public function needsReach(): bool
    {
        return match ($this) {
            self::Clamp,
            self::Strip,
            self::Clear,
            self::Pull,
            self::Press,
            self::Lift,
            self::Peel,
            self::Lock,
            self::Sweep,
            self::Throw,
            self::Pin,
            self::ChokeHold,
            self::Shove,
            self::Post => true,
            default => false,
        };
    }

    /** Whether a hand of its own catches with it what comes with one hand, or to hold. */
    public function catches(): bool
    {
        return match ($this) {
            self::Clear, self::Clamp, self::Press, self::Strip => true,
            default => false,
        };
    }

    /** Whether it keeps a blow away. */
    public function guards(): bool
    {
        return $this->stops() || $this === self::Guard;
    }

    /** Whether it stops a blow that it meets. */
    public function stops(): bool
    {
        return $this === self::Block || $this === self::Parry || $this === self::Cover;
    }

    /** Whether a hand that is held at the wrist can still do it: grip, strip, and move the hold. */
    public function worksWhileHeld(): bool
    {
        return match ($this) {
            self::Clamp,
            self::Strip,
            self::Clear,
            self::Pull,
            self::Press,
            self::Lift,
            self::Peel,
            self::Lock,
            self::Pin,
            self::Throw,
            self::Escort,
            self::Join,
            self::Tuck,
            self::Raise,
            self::Lower,
            self::LetGo => true,
            default => false,
        };
    }

    /** Whether it can be done several times in one beat. */
    public function repeats(): bool
    {
        return $this->limbs() !== LimbRule::None && $this !== self::GoBehind && $this !== self::AllFours;
    }
}
