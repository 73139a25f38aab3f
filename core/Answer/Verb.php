<?php

declare(strict_types=1);

namespace StoneDrill\Core\Answer;

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
    case Drop = 'drop';
    case Rise = 'rise';
    case Kneel = 'kneel';
    case GetUp = 'get up';
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
            self::Slide, self::Hop, self::Leave, self::Spread, self::Close, self::Pivot, self::TurnUnder, self::Slip,
            self::Drop, self::Rise, self::Kneel, self::GetUp => LimbRule::WholeBody,
            self::Say, self::Look, self::Wait => LimbRule::None,
            self::Join, self::Tuck => LimbRule::HandIfAny,
            default => LimbRule::Hand,
        };
    }

    /** What follows the verb. */
    public function argument(): Argument
    {
        return match ($this) {
            self::Step, self::Cross, self::Slide, self::Hop, self::Leave, self::Pivot, self::TurnUnder, self::Slip => Argument::Bearing,
            self::Spread, self::Close, self::Drop, self::Rise, self::Kneel, self::GetUp, self::LetGo => Argument::Nothing,
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
        return in_array($this, [self::Step, self::Cross, self::Slide, self::Hop, self::Leave, self::Spread, self::Slip, self::Drop], true);
    }

    /** Whether it can be done several times in one beat. */
    public function repeats(): bool
    {
        return $this->limbs() !== LimbRule::None;
    }
}
