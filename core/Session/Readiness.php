<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Window;

/**
 * How likely somebody is to pass the test of a rank as they are now. Each item counts in full, half or not at all; a
 * test is passed with enough of all credit and with no critical item that does not count. Credits are multiples of a
 * half, so the distribution of their sum is a convolution: the chance is exact for the chances that go into it, which
 * are estimates.
 */
final readonly class Readiness
{
    /** @param list<TestItem> $items in the order of the catalogue */
    public function __construct(public array $items, public TestStandard $asks = new TestStandard()) {}

    /**
     * @param array<string, Window> $windows of the student, by the cell's key
     */
    public static function of(Catalogue $catalogue, Rank $rank, array $windows, DateTimeImmutable $at): self
    {
        $rules = ProofRules::of($catalogue->school->proof);
        $items = [];
        foreach (self::asked($catalogue, $rank) as [$attack, $side]) {
            $window = $windows[CellKey::of($attack, $side)->text] ?? Window::empty();
            $items[] = new TestItem(
                $attack,
                $side,
                Chances::of($window->tries, $rank->goalRung, $at->getTimestamp(), $rules),
                $window->count > 0,
            );
        }

        return new self($items, $catalogue->school->proof->test);
    }

    /**
     * What the test of a rank asks for: every attack that this rank needs, from each side.
     *
     * @return list<array{Attack, Side}>
     */
    public static function asked(Catalogue $catalogue, Rank $rank): array
    {
        $asked = [];
        foreach ($catalogue->attacks as $attack) {
            foreach ($attack->need->rank === $rank->id ? $attack->sides() : [] as $side) {
                $asked[] = [$attack, $side];
            }
        }

        return $asked;
    }

    /** The chance to pass; null where nothing is asked for. */
    public function chance(): ?float
    {
        $outcomes = array_map(self::outcomes(...), $this->items);

        return $outcomes === [] ? null : $this->reaching(array_reduce($outcomes, self::plus(...), [1.0]), [1.0]);
    }

    public function isReady(): bool
    {
        return $this->chance() >= $this->asks->ready;
    }

    /**
     * The items that would raise the chance most, were they sure to count in full.
     *
     * @return list<array{TestItem, float}> with what each would add; nothing that would add nothing
     */
    public function most(int $count = 3): array
    {
        $outcomes = array_map(self::outcomes(...), $this->items);
        $after = $gains = [];
        $sums = [1.0];
        foreach (array_reverse($outcomes, true) as $place => $outcome) {
            $after[$place] = $sums;
            $sums = self::plus($sums, $outcome);
        }
        $now = $this->reaching($sums, [1.0]);
        $before = [1.0];
        foreach ($outcomes as $place => $outcome) {
            $sure = $this->reaching(self::plus($before, [0.0, 0.0, 1.0]), $after[$place]);
            $gains[$place] = round($sure - $now, 12);
            $before = self::plus($before, $outcome);
        }
        arsort($gains);
        $gains = array_filter($gains, static fn (float $gain): bool => $gain > 0);

        return array_map(
            fn (int $place): array => [$this->items[$place], $gains[$place]],
            array_slice(array_keys($gains), 0, $count),
        );
    }

    /**
     * @return array{float, float, float} chances of no credit, half, full; no credit at all for what is critical fails
     *     the test
     */
    private static function outcomes(TestItem $item): array
    {
        return [$item->isCritical() ? 0.0 : $item->chances->none, $item->chances->half, $item->chances->full];
    }

    /**
     * The chance that both together are enough.
     *
     * @param array<int, float> $some   chances of so many halves from some of the items
     * @param array<int, float> $others and from all the others
     */
    private function reaching(array $some, array $others): float
    {
        $needed = (int) ceil($this->asks->pass * 2 * count($this->items) - 1e-9);
        $atLeast = [];
        $sum = 0.0;
        foreach (array_reverse($others, true) as $halves => $chance) {
            $atLeast[$halves] = $sum += $chance;
        }
        $reaching = 0.0;
        foreach ($some as $halves => $chance) {
            $reaching += $chance * ($atLeast[max(0, $needed - $halves)] ?? 0.0);
        }

        return $reaching;
    }

    /**
     * @param array<int, float> $sums    chances of so many halves
     * @param array{float, float, float}  $outcome chances of 0, 1 and 2 halves more
     *
     * @return array<int, float>
     */
    private static function plus(array $sums, array $outcome): array
    {
        [$none, $half, $full] = $outcome;
        $next = array_fill(0, count($sums) + 2, 0.0);
        foreach ($sums as $halves => $chance) {
            $next[$halves] += $chance * $none;
            $next[$halves + 1] += $chance * $half;
            $next[$halves + 2] += $chance * $full;
        }

        return $next;
    }
}
