<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Waiver;

/** An answer that was run and checked. */
final readonly class Examination
{
    /**
     * @param list<Finding>                                    $findings those that stand, by beat, then as the checks
     *     are listed
     * @param list<array{finding: Finding, waiver: Waiver}> $waived   those that the school accepts, with its reason
     */
    public function __construct(public Trial $trial, public array $findings, public array $waived) {}

    public function hasStops(): bool
    {
        return $this->stop() !== null;
    }

    /** The first thing that stops it. */
    public function stop(): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->severity === Severity::Stop) {
                return $finding;
            }
        }

        return null;
    }

    /** The first thing that a check says of it. */
    public function of(CheckId $check): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->check === $check) {
                return $finding;
            }
        }

        return null;
    }

    /**
     * What keeps it from working: the first thing on the main line by which it is hit, short, kept from acting, or
     * still held.
     */
    public function failure(): ?Finding
    {
        foreach ($this->findings as $finding) {
            if (
                $finding->severity === Severity::Stop
                && ! str_contains($finding->beat, '.')
                && in_array($finding->check, Checks::DECISIVE, true)
            ) {
                return $finding;
            }
        }

        return null;
    }

    /** Whether it does what it is for, with these bodies. */
    public function works(): bool
    {
        return $this->failure() === null;
    }

    /** Seconds of the main line. */
    public function duration(): float
    {
        return $this->trial->run->end()->time;
    }

    /** @return list<Finding> */
    public function at(string $beat): array
    {
        return array_values(
            array_filter($this->findings, static fn (Finding $finding): bool => $finding->beat === $beat),
        );
    }
}
