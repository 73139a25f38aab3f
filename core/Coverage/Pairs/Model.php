<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

/** Parameters with their values, and combinations that cannot be. Values are positions from 0. */
final readonly class Model
{
    /**
     * @param list<string>           $names  of the parameters
     * @param list<list<string>>     $values of each parameter
     * @param list<array<int, int>>  $forbid each a value by parameter, which together cannot be
     */
    private function __construct(public array $names, public array $values, public array $forbid) {}

    /**
     * A model from its words.
     *
     * @param array<array-key, list<string>>         $parameters values by name
     * @param list<array<array-key, string>>         $forbid     combinations that cannot be, values by name
     *
     * @throws ModelException when a parameter has no values or the same twice, or a combination names what is not there
     */
    public static function of(array $parameters, array $forbid = []): self
    {
        $names = array_map('strval', array_keys($parameters));
        foreach ($parameters as $name => $values) {
            if ($values === [] || count(array_unique($values)) !== count($values)) {
                throw ModelException::values((string) $name);
            }
        }
        $places = array_flip($names);
        $combinations = [];
        foreach ($forbid as $index => $combination) {
            $places === [] || $combination === [] ? throw ModelException::emptyCombination($index) : null;
            $row = [];
            foreach ($combination as $name => $value) {
                $parameter
                    = $places[(string) $name] ?? throw ModelException::unknownParameter($index, (string) $name, $names);
                $position = array_search($value, array_values($parameters)[$parameter], true);
                $row[$parameter] = $position === false
                    ? throw ModelException::unknownValue(
                        $index,
                        (string) $name,
                        $value,
                        array_values($parameters)[$parameter],
                    )
                    : (int) $position;
            }
            ksort($row);
            $combinations[] = $row;
        }

        return new self($names, array_values($parameters), $combinations);
    }

    /** How many pairs of values of two parameters there are. */
    public function pairs(): int
    {
        $all = array_sum(array_map('count', $this->values));
        $within = array_sum(array_map(static fn (array $values): int => count($values) ** 2, $this->values));

        return intdiv($all ** 2 - $within, 2);
    }
}
