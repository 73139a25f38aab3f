<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** Which rank needs an attack. */
final readonly class Need
{
    /**
     * @param ?string $rank       id of the rank that needs it, null where none does
     * @param ?string $youth      the same for students under 16
     * @param bool    $isCritical whether a rank test fails with it
     */
    public function __construct(public ?string $rank, public ?string $youth, public bool $isCritical = false) {}

    /** Id of the rank that needs it for somebody under 16 or not; null where none does. */
    public function by(bool $isYouth): ?string
    {
        return $isYouth ? $this->youth : $this->rank;
    }
}
