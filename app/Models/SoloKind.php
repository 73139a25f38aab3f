<?php

declare(strict_types=1);

namespace App\Models;

use StoneDrill\Core\Solo\BasicKind;

/** What a row of `solos` is: a basic of some kind, or a form. */
enum SoloKind: string
{
    case Strike = 'strike';
    case Kick = 'kick';
    case Block = 'block';
    case Step = 'step';
    case Stance = 'stance';
    case Form = 'form';

    public static function of(BasicKind $kind): self
    {
        return self::from($kind->value);
    }

    /** @return list<self> those of basics */
    public static function basics(): array
    {
        return array_map(self::of(...), BasicKind::cases());
    }
}
