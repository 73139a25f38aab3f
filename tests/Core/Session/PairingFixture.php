<?php

declare(strict_types=1);

namespace Tests\Core\Session;

use StoneDrill\Core\Session\Person;
use StoneDrill\Core\Session\Round;

/**
 * What the tests of Pairing share. The circle and what speaks against a pair are written here a second time, from
 * week.md.
 */
final class PairingFixture
{
    /** @return list<Person> all alike */
    public static function people(int $count): array
    {
        return array_map(
            static fn (int $number): Person => new Person("p{$number}", 0),
            $count === 0 ? [] : range(0, $count - 1),
        );
    }

    /**
     * @param list<Round> $rounds
     *
     * @return list<string> each pair that met, its ids in order
     */
    public static function met(array $rounds): array
    {
        $met = [];
        foreach ($rounds as $round) {
            foreach ($round->pairs as $pair) {
                sort($pair);
                $met[] = implode(' ', $pair);
            }
        }

        return $met;
    }

    /**
     * @param list<Person>             $people
     * @param array<string, list<int>> $before
     */
    public static function leastOfAllOrders(array $people, array $before, int $count): float
    {
        $least = INF;
        $walk = static function (array $seated, array $left) use (&$walk, &$least, $before, $count): void {
            if ($left === []) {
                $least = min($least, self::cost($seated, $before, $count));
            }
            foreach ($left as $place => $person) {
                $rest = $left;
                unset($rest[$place]);
                $walk([...$seated, $person], $rest);
            }
        };
        $walk([], $people);

        return $least;
    }

    /** @param list<Person> $people */
    public static function costOfChance(array $people, int $count, int $tries): float
    {
        $sum = 0.0;
        for ($try = 0; $try < $tries; $try++) {
            shuffle($people);
            $sum += self::cost($people, [], $count);
        }

        return $sum / $tries;
    }

    /**
     * By the sums of seats instead of by walking: in a round those meet whose seats add up to twice its number, counted
     * round the moving seats; the last seat meets the one of that number.
     *
     * @param list<Person>             $seated
     * @param array<string, list<int>> $before
     */
    private static function cost(array $seated, array $before, int $count): float
    {
        $even = count($seated) % 2 === 0 ? $seated : [...$seated, null];
        $size = count($even);
        $sum = 0.0;
        for ($round = 0; $round < $count; $round++) {
            for ($a = 0; $a < $size; $a++) {
                for ($b = $a + 1; $b < $size; $b++) {
                    $isPair = $b === $size - 1
                        ? $a === $round % ($size - 1)
                        : ($a + $b) % ($size - 1) === (2 * $round) % ($size - 1);
                    if ($isPair && $even[$a] !== null && $even[$b] !== null) {
                        $sum += self::against($even[$a], $even[$b], $before);
                    }
                }
            }
        }

        return $sum;
    }

    /**
     * How much less speaks against the pairs of one round if the best two of different pairs exchange places; 0 where
     * none is better.
     *
     * @param list<Person>                  $people
     * @param list<array{string, string}>   $pairs  ids
     * @param array<string, list<int>>      $before
     */
    public static function couldBeLess(array $people, array $pairs, array $before): float
    {
        $by = array_column($people, null, 'id');
        $against = static fn (string $a, string $b): float => self::against($by[$a], $by[$b], $before);
        $most = 0.0;
        foreach ($pairs as $one => [$a, $b]) {
            foreach (array_slice($pairs, $one + 1) as [$c, $d]) {
                $now = $against($a, $b) + $against($c, $d);
                $most = max(
                    $most,
                    $now - $against($a, $c) - $against($b, $d),
                    $now - $against($a, $d) - $against($b, $c),
                );
            }
        }

        return $most;
    }

    /** @param array<string, list<int>> $before */
    private static function against(Person $a, Person $b, array $before): float
    {
        $ids = [$a->id, $b->id];
        sort($ids);
        $sum = (max(0.0, 100 * abs(($a->height ?? 0) - ($b->height ?? 0)) - 20) / 10) * 2
        + max(0, abs($a->rank - $b->rank) - 2);
        foreach ($before[implode(' ', $ids)] ?? [] as $ago) {
            $sum += $ago <= 8 ? 1 - ($ago - 1) / 8 : 0;
        }

        return $sum;
    }
}
