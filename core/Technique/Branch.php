<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** A what-if after a beat: when it holds, and what is done then. */
final readonly class Branch
{
    /** @param non-empty-list<Beat>|GoToAnswer|GoOn $body */
    public function __construct(public Condition $condition, public array|GoToAnswer|GoOn $body) {}

    public function mirror(): self
    {
        return is_array($this->body)
            ? new self($this->condition, array_map(static fn (Beat $beat): Beat => $beat->mirror(), $this->body))
            : $this;
    }
}
