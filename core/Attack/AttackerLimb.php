<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** Which of the attacker's own limbs a hold keeps busy. */
enum AttackerLimb: string
{
    case Hand = 'hand';
    case Hands = 'hands';
    case Arms = 'arms';
    case Legs = 'legs';
}
