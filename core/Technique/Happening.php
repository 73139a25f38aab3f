<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** What can happen otherwise than the main line assumes. */
enum Happening: string
{
    /** The assumed effect does not come. */
    case Not = 'not';
    /** Another effect comes instead of the assumed one. */
    case Instead = 'instead';
    case GetsUp = 'gets up';
    case Far = 'far';
    case Near = 'near';
    case SecondAttack = 'second attack';
    /** The attacker is taller, or shorter, by a built-in size or more: this stands in place of the beat. */
    case Taller = 'taller';
    case Shorter = 'shorter';

    /** @return list<self> those that the notation names by a word of their own */
    public static function named(): array
    {
        return [self::Not, self::GetsUp, self::Far, self::Near, self::SecondAttack, self::Taller, self::Shorter];
    }

    /** Whether it is about the two bodies, so that it is known before anything is done. */
    public function isOfBodies(): bool
    {
        return $this === self::Taller || $this === self::Shorter;
    }
}
