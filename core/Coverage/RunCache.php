<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/** What was worked out before, by everything it hangs on: what has not changed is not worked out again. */
final class RunCache
{
    /** @var array<string, true> keys that were asked for since it was made */
    private array $asked = [];

    /** @param array<string, mixed> $values by key */
    public function __construct(private array $values = []) {}

    /**
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function of(string $key, callable $work): mixed
    {
        $this->asked[$key] = true;
        if (! array_key_exists($key, $this->values)) {
            $this->values[$key] = $work();
        }

        return $this->values[$key];
    }

    /** @return array<string, mixed> what was asked for and what was not */
    public function all(): array
    {
        return $this->values;
    }

    /** @return array<string, mixed> what was asked for, to be kept */
    public function kept(): array
    {
        return array_intersect_key($this->values, $this->asked);
    }
}
