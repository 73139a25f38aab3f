<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** A what-if after a beat: when it holds, what is done then, and where it goes on. */
final readonly class Branch
{
    /**
     * @param list<Beat>           $beats none where it only goes on
     * @param GoToAnswer|GoOn|null $then  null where it ends with its beats
     */
    public function __construct(
        public Condition $condition,
        public array $beats,
        public GoToAnswer|GoOn|null $then = null,
    ) {}

    /** The answer that it runs on into; null where it runs on into none. */
    public function goesTo(): ?GoToAnswer
    {
        return $this->then instanceof GoToAnswer ? $this->then : null;
    }

    /** Whether something else is done than what comes anyway. */
    public function isAnswered(): bool
    {
        return $this->beats !== [] || $this->goesTo() !== null;
    }

    /** @param list<Beat> $beats */
    public function withBeats(array $beats): self
    {
        return new self($this->condition, $beats, $this->then);
    }

    public function mirror(): self
    {
        return $this->withBeats(array_map(static fn (Beat $beat): Beat => $beat->mirror(), $this->beats));
    }
}
