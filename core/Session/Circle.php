<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/**
 * The circle method: in as many rounds as there are other seats everybody meets everybody once. One seat stays, the
 * others go round.
 */
final readonly class Circle
{
    /**
     * @param int $seats how many sit in the circle
     *
     * @return list<list<array{int, int}>> the pairs of seats of each round; with an odd number one seat is in no pair
     *     of a round
     */
    public static function rounds(int $seats): array
    {
        $even = $seats + ($seats % 2);
        $moving = $even - 1;
        /** @var list<list<array{int, int}>> $rounds */
        $rounds = [];
        for ($round = 0; $seats > 1 && $round < $moving; $round++) {
            $pairs = [[$round, $moving]];
            for ($step = 1; $step < intdiv($even, 2); $step++) {
                $pairs[] = [($round + $step) % $moving, ($round - $step + $moving) % $moving];
            }
            // The last seat of an odd circle is empty.
            $rounds[] = array_values(
                array_filter($pairs, static fn (array $pair): bool => $pair[1] < $seats && $pair[0] < $seats),
            );
        }

        return $rounds;
    }
}
