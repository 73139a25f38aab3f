<?php

declare(strict_types=1);

namespace Tests\Core\Session;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Need;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Session\Chances;
use StoneDrill\Core\Session\TestItem;
use Tests\Support\Made;

/** What the tests of Readiness share. */
final class ReadinessFixture
{
    public static function item(float $full, float $half, bool $isCritical = false): TestItem
    {
        $made = Made::attack();

        return new TestItem(
            new Attack($made->id, $made->title, $made->kind, $made->facets, new Need('a', 'a', $isCritical), 3),
            Side::Written,
            new Chances($full, $half, 1 - $full - $half),
            true,
        );
    }

    /**
     * The share of tests that are passed when each item is drawn, by the rule as a head would read it.
     *
     * @param list<TestItem> $items
     */
    public static function simulated(array $items, int $tests): float
    {
        $drawn = array_map(
            static fn (TestItem $item): array => [
                (int) round(1e6 * $item->chances->full),
                (int) round(1e6 * ($item->chances->full + $item->chances->half)),
                $item->isCritical(),
            ],
            $items,
        );
        $passed = 0;
        for ($test = 0; $test < $tests; $test++) {
            $credit = 0.0;
            foreach ($drawn as [$full, $half, $isCritical]) {
                $chance = mt_rand(0, 999_999);
                if ($chance < $full) {
                    $credit += 1;
                } elseif ($chance < $half) {
                    $credit += 0.5;
                } elseif ($isCritical) {
                    continue 2;
                }
            }
            $passed += (int) ($credit >= 0.8 * count($drawn) - 1e-9);
        }

        return $passed / $tests;
    }
}
