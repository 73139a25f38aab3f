<?php

declare(strict_types=1);

namespace StoneDrill\Core\Drill;

/** Whose turn it is, and who attacks, in a circle of people who drill together. */
final class Turns
{
    /**
     * The place in the circle of whoever attacks at a turn: in each round everybody has another partner.
     *
     * @param int $people how many drill together
     * @param int $turn   counted from 0; the place of the defender is the turn modulo the people
     *
     * @return ?int null where one is alone
     */
    public static function attacker(int $people, int $turn): ?int
    {
        if ($people < 2) {
            return null;
        }
        $round = intdiv($turn, $people);

        return ($turn + 1 + ($round % ($people - 1))) % $people;
    }

    /**
     * The next turn at which somebody can be drawn for, from this one on; this one where nobody can.
     *
     * @param list<bool> $canDrill by place in the circle
     */
    public static function next(array $canDrill, int $turn): int
    {
        $people = count($canDrill);
        for ($ahead = 0; $ahead < $people; $ahead++) {
            if ($canDrill[($turn + $ahead) % $people]) {
                return $turn + $ahead;
            }
        }

        return $turn;
    }
}
