<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

/**
 * Whether a row that is begun can be finished without a forbidden combination: what each chosen value leaves of the
 * others is taken off first, and the parameter with the least left is tried next (forward checking, Haralick & Elliott
 * 1980).
 */
final class Feasible
{
    /** Rows remembered at once. */
    private const MAX_FOUND = 50_000;

    /** @var array<int, array<int, true>> what is left of each parameter before anything is chosen */
    private array $domains = [];

    /**
     * @var array<int, array<int, array<int, array<int, true>>>> values of others that a value excludes, by parameter,
     *     value and other
     */
    private array $excluded = [];

    /** @var array<int, list<array<int, int>>> the combinations of three and more that each parameter is in */
    private array $longer = [];

    /** @var array<string, bool> what was found, by row */
    private array $found = [];

    public function __construct(private readonly Model $model)
    {
        foreach ($model->values as $parameter => $values) {
            $this->domains[$parameter] = array_fill(0, count($values), true);
        }
        foreach ($model->forbid as $combination) {
            $parameters = array_keys($combination);
            match (count($parameters)) {
                1 => ($this->domains[$parameters[0]] = array_diff_key($this->domains[$parameters[0]], [
                    $combination[$parameters[0]] => true,
                ])),
                2 => $this->exclude($parameters[0], $parameters[1], $combination),
                default => array_walk($parameters, fn (int $parameter) => ($this->longer[$parameter][] = $combination)),
            };
        }
    }

    public function isConstrained(): bool
    {
        return $this->model->forbid !== [];
    }

    /** With how many others a parameter cannot be chosen freely. */
    public function degree(int $parameter): int
    {
        $others = [];
        foreach ($this->excluded[$parameter] ?? [] as $ofValue) {
            $others += $ofValue;
        }

        return count($others) + count($this->longer[$parameter] ?? []);
    }

    /** @param array<int, int> $row value by parameter, as far as it goes */
    public function canFinish(array $row): bool
    {
        $key = '';
        foreach ($this->domains as $parameter => $domain) {
            // What excludes nothing does not matter.
            $value = $row[$parameter] ?? null;
            $key .= $value === null
                ? '_'
                : (isset($this->excluded[$parameter][$value])
                || isset($this->longer[$parameter])
                || ! isset($domain[$value])
                    ? $value
                    : '.');
            $key .= ' ';
        }

        if (count($this->found) >= self::MAX_FOUND) {
            $this->found = [];
        }

        return $this->found[$key] ??= $this->search($row);
    }

    /**
     * Whether choosing a value leaves everything as it was for what is not chosen yet.
     *
     * @param array<int, int> $row with the value
     */
    public function isFree(array $row, int $parameter): bool
    {
        return ! isset($this->longer[$parameter])
            && array_diff_key($this->excluded[$parameter][$row[$parameter]] ?? [], $row) === [];
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
        $left = $this->left($row, $parameter);
        foreach ($this->longer[$parameter] ?? [] as $combination) {
            if (
                isset($left[$combination[$parameter]])
                && self::contains($row + [$parameter => $combination[$parameter]], $combination)
            ) {
                unset($left[$combination[$parameter]]);
            }
        }

        return array_keys($left);
    }

    /**
     * Whether a whole row has a forbidden combination that a parameter is part of.
     *
     * @param list<int> $row
     */
    public function forbids(array $row, int $parameter): bool
    {
        return ! in_array(
            $row[$parameter],
            $this->allowed(array_diff_key($row, [$parameter => true]), $parameter),
            true,
        );
    }

    /** @param array<int, int> $combination of two */
    private function exclude(int $a, int $b, array $combination): void
    {
        $this->excluded[$a][$combination[$a]][$b][$combination[$b]] = true;
        $this->excluded[$b][$combination[$b]][$a][$combination[$a]] = true;
    }

    /** @param array<int, int> $row */
    private function search(array $row): bool
    {
        foreach ($row as $parameter => $value) {
            if (! in_array($value, $this->allowed(array_diff_key($row, [$parameter => true]), $parameter), true)) {
                return false;
            }
        }

        return $this->finish($row);
    }

    /** @param array<int, int> $row in which nothing is forbidden */
    private function finish(array $row): bool
    {
        $next = null;
        $fewest = [];
        foreach ($this->domains as $parameter => $domain) {
            if (isset($row[$parameter])) {
                continue;
            }
            if (! isset($this->excluded[$parameter]) && ! isset($this->longer[$parameter]) && $domain !== []) {
                continue;
            }
            $allowed = $this->allowed($row, $parameter);
            if ($allowed === []) {
                return false;
            }
            if ($next === null || count($allowed) < count($fewest)) {
                [$next, $fewest] = [$parameter, $allowed];
            }
        }
        if ($next === null) {
            return true;
        }
        foreach ($fewest as $value) {
            if ($this->finish($row + [$next => $value])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<int, int> $row
     *
     * @return array<int, true> what the chosen values leave of a parameter
     */
    private function left(array $row, int $parameter): array
    {
        $left = $this->domains[$parameter];
        foreach ($row as $other => $value) {
            if (isset($this->excluded[$other][$value][$parameter])) {
                $left = array_diff_key($left, $this->excluded[$other][$value][$parameter]);
            }
        }

        return $left;
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
