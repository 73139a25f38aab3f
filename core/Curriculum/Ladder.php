<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use LogicException;

/** The rungs of pressure a school climbs, lowest first. */
final readonly class Ladder
{
    public const MAX_RUNGS = 12;

    /** @param non-empty-list<Rung> $rungs by rising id */
    public function __construct(public array $rungs) {}

    /** The ladder of a school that has not made its own. */
    public static function builtIn(): self
    {
        return new self([
            new Rung(1, 'Shadow', 0.25, true, true, 0, false, []),
            new Rung(2, 'Set', 0.5, true, true, 0, false, []),
            new Rung(3, 'Walk-in', 0.5, true, true, 0, false, []),
            new Rung(4, 'On call', 1.0, true, true, 1, false, []),
            new Rung(5, 'Blind start', 1.0, true, false, 1, false, []),
            new Rung(6, 'Open draw', 1.0, false, false, 2, false, []),
            new Rung(7, 'Storm', 1.0, false, false, 3, true, ['noise', 'dim light', 'tired', 'second attacker']),
        ]);
    }

    public function has(int $id): bool
    {
        return in_array($id, $this->ids(), true);
    }

    public function get(int $id): Rung
    {
        foreach ($this->rungs as $rung) {
            if ($rung->id === $id) {
                return $rung;
            }
        }

        throw new LogicException(sprintf('This ladder has no rung %d.', $id));
    }

    /** The rung at which somebody with a goal drills: the highest below it, or the lowest of all. */
    public function below(int $goal): Rung
    {
        $below = $this->rungs[0];
        foreach ($this->rungs as $rung) {
            $below = $rung->id < $goal ? $rung : $below;
        }

        return $below;
    }

    /** @return list<int> lowest first */
    public function ids(): array
    {
        return array_map(static fn (Rung $rung): int => $rung->id, $this->rungs);
    }
}
