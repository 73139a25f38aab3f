<?php

declare(strict_types=1);

namespace App\View\Attacks;

use StoneDrill\Core\Coverage\Hole;

/** What one attack lacks, the heaviest first. */
final readonly class AttackHoles
{
    /**
     * @param list<Hole> $holes
     * @param bool       $isWhole whether the weak spots are among them
     */
    private function __construct(public array $holes, public bool $isWhole, public bool $hasFailed) {}

    /** @param list<Hole> $holes of the whole school */
    public static function of(string $attack, array $holes, bool $isWhole, bool $hasFailed = false): self
    {
        return new self(
            array_values(array_filter($holes, static fn (Hole $hole): bool => $hole->attack === $attack)),
            $isWhole,
            $hasFailed,
        );
    }

    /** Whether there is anything to tell: a hole, or that more may come. */
    public function isTold(): bool
    {
        return $this->holes !== [] || ! $this->isWhole;
    }

    /** Whether more may come. */
    public function isOpen(): bool
    {
        return ! $this->isWhole && ! $this->hasFailed;
    }
}
