<?php

declare(strict_types=1);

namespace App\View\Students;

use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\Readiness;

/** How ready a student is for the test of the next rank, in words. */
final readonly class ReadyFor
{
    private function __construct(public Rank $rank, private Readiness $readiness, private float $chance) {}

    /**
     * @param string                $rank    id of the student's rank
     * @param array<string, Window> $windows by the cell's key
     *
     * @return self|null null where there is no higher rank, or its test asks for nothing
     */
    public static function next(Catalogue $catalogue, string $rank, array $windows, DateTimeImmutable $at): ?self
    {
        $next = $catalogue->ranks[($catalogue->rankOrder()[$rank] ?? PHP_INT_MAX - 1) + 1] ?? null;
        $readiness = $next === null ? null : Readiness::of($catalogue, $next, $windows, $at);
        $chance = $readiness?->chance();

        return $next === null || $readiness === null || $chance === null ? null : new self($next, $readiness, $chance);
    }

    public function isReady(): bool
    {
        return $this->readiness->isReady();
    }

    public function text(): string
    {
        $untried = count(array_filter($this->readiness->items, static fn ($item): bool => ! $item->isTried));

        return __('students.ready.chance', [
            'percent' => self::percent($this->chance),
            'count' => count($this->readiness->items),
            'from' => self::percent($this->readiness->asks->ready),
        ]).($untried === 0 ? '' : ' '.trans_choice('students.ready.untried', $untried));
    }

    /** @return list<string> what would raise it most */
    public function most(): array
    {
        return array_map(
            static fn (array $one): string => __('students.ready.raises', [
                'attack' => sided($one[0]->attack->title, $one[0]->side),
                'percent' => self::percent($one[1]),
            ]),
            $this->readiness->most(),
        );
    }

    /** Whole percent, and a decimal below ten. */
    public static function percent(float $share): string
    {
        return number_format(100 * $share, $share < 0.0995 ? 1 : 0);
    }
}
