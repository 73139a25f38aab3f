<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

/** Whether a row that is begun can be finished without a forbidden combination. */
final readonly class Feasible
{
    /** @var array<int, list<array<int, int>>> the combinations that each parameter is in */
    private array $byParameter;

    public function __construct(private Model $model)
    {
        $byParameter = [];
        foreach ($model->forbid as $combination) {
            foreach (array_keys($combination) as $parameter) {
                $byParameter[$parameter][] = $combination;
            }
        }
        $this->byParameter = $byParameter;
    }

    public function isConstrained(): bool
    {
        return $this->model->forbid !== [];
    }

    /**
     * @param array<int, int> $row value by parameter, as far as it goes
     */
    public function canFinish(array $row): bool
    {
        foreach ($this->model->forbid as $combination) {
            if (self::contains($row, $combination)) {
                return false;
            }
        }

        return $this->finish($row) !== null;
    }

    /**
     * The row with a value for every parameter that a constraint touches; null where there is none.
     *
     * @param array<int, int> $row
     *
     * @return array<int, int>|null
     */
    public function finish(array $row): ?array
    {
        $next = null;
        $fewest = null;
        foreach ($this->byParameter as $parameter => $combinations) {
            if (isset($row[$parameter])) {
                continue;
            }
            $allowed = $this->allowed($row, $parameter);
            if ($fewest === null || count($allowed) < count($fewest)) {
                [$next, $fewest] = [$parameter, $allowed];
            }
        }
        if ($next === null || $fewest === null) {
            return $row;
        }
        foreach ($fewest as $value) {
            $finished = $this->finish($row + [$next => $value]);
            if ($finished !== null) {
                return $finished;
            }
        }

        return null;
    }

    /**
     * The values of a parameter with which no forbidden combination is complete.
     *
     * @param array<int, int> $row
     *
     * @return list<int>
     */
    public function allowed(array $row, int $parameter): array
    {
        $allowed = array_fill(0, count($this->model->values[$parameter]), true);
        foreach ($this->byParameter[$parameter] ?? [] as $combination) {
            if ($allowed[$combination[$parameter]] && self::contains($row + [$parameter => $combination[$parameter]], $combination)) {
                $allowed[$combination[$parameter]] = false;
            }
        }

        return array_keys(array_filter($allowed));
    }

    /**
     * @param array<int, int> $row
     * @param array<int, int> $combination
     */
    private static function contains(array $row, array $combination): bool
    {
        foreach ($combination as $parameter => $value) {
            if (($row[$parameter] ?? null) !== $value) {
                return false;
            }
        }

        return true;
    }
}
