<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

/**
 * The values of all parameters as places in one row of numbers, from 0: those of the first parameter, of the second, …
 */
final readonly class Places
{
    /** @var list<int> values of each parameter */
    public array $sizes;

    /** @var list<int> place of each parameter's first value */
    public array $first;

    /** @var list<int> the parameter of each place */
    public array $parameters;

    /** How many places there are. */
    public int $all;

    public function __construct(Model $model)
    {
        $this->sizes = array_map('count', $model->values);
        $first = $parameters = [];
        foreach ($this->sizes as $parameter => $size) {
            $first[] = count($parameters);
            array_push($parameters, ...array_fill(0, $size, $parameter));
        }
        $this->first = $first;
        $this->parameters = $parameters;
        $this->all = count($parameters);
    }

    /**
     * @param list<int> $row value of each parameter
     *
     * @return list<int> the place of each
     */
    public function of(array $row): array
    {
        return array_map(static fn (int $first, int $value): int => $first + $value, $this->first, $row);
    }

    /**
     * @param array<int, int> $places one of each parameter, in their order
     *
     * @return list<int> the value of each parameter
     */
    public function values(array $places): array
    {
        return array_map(
            static fn (int $first, int $place): int => $place - $first,
            $this->first,
            array_values($places),
        );
    }
}
