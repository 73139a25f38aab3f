<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

use StoneDrill\Core\Text;

/** The groups that kinds of attack belong to, in the order of the catalogue. */
enum Family: string
{
    case Grab = 'grab';
    case Choke = 'choke';
    case Hug = 'hug';
    case Head = 'head';
    case Push = 'push';
    case Strike = 'strike';
    case Kick = 'kick';
    case Takedown = 'takedown';
    case Ground = 'ground';
    case Threat = 'threat';

    /** The name above a group of attacks. */
    public function text(): Text
    {
        return Text::of("attack.families.{$this->value}");
    }

    /**
     * What an attacker may want with an attack of this family.
     *
     * @return list<Intent>
     */
    public function intents(): array
    {
        return match ($this) {
            self::Grab, self::Hug, self::Head => [Intent::Move, Intent::Pin, Intent::TakeDown],
            self::Choke => [Intent::Move, Intent::Pin, Intent::Choke, Intent::TakeDown],
            self::Push => [Intent::Move, Intent::TakeDown],
            self::Strike, self::Kick => [Intent::Strike],
            self::Takedown => [Intent::TakeDown],
            self::Ground => [Intent::Pin, Intent::Choke, Intent::Strike],
            self::Threat => [Intent::Move],
        };
    }
}
