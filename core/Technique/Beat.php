<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** What is done at the same time, what it is assumed to do to the attacker, and what if it does not. */
final readonly class Beat
{
    /**
     * @param non-empty-list<Action> $actions
     * @param list<Effect>           $effects  none, one, or two of which the first is the main line
     * @param list<Branch>           $branches
     */
    public function __construct(
        public array $actions,
        public array $effects = [],
        public ?string $note = null,
        public array $branches = [],
    ) {}

    public function withAction(int $position, Action $action): self
    {
        return new self(array_values(array_replace($this->actions, [$position => $action])), $this->effects, $this->note, $this->branches);
    }

    public function and(Action $action): self
    {
        return new self([...$this->actions, $action], $this->effects, $this->note, $this->branches);
    }

    /** The beat as its main line has it. */
    public function withoutBranches(): self
    {
        return new self($this->actions, $this->effects, $this->note);
    }

    /** Seconds it takes at full pace: those of its longest action. */
    public function seconds(): float
    {
        return max(array_map(static fn (Action $action): float => $action->seconds(), $this->actions));
    }

    /** Whether it strikes at the head. */
    public function aimsAtHead(): bool
    {
        foreach ($this->actions as $action) {
            foreach ($action->isStrike() ? $action->targets : [] as $target) {
                if ($target->isOfHead()) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether one of its actions is this verb. */
    public function does(Verb ...$verbs): bool
    {
        foreach ($this->actions as $action) {
            if (in_array($action->verb, $verbs, true)) {
                return true;
            }
        }

        return false;
    }

    public function mirror(): self
    {
        return new self(
            array_map(static fn (Action $action): Action => $action->mirror(), $this->actions),
            $this->effects,
            $this->note,
            array_map(static fn (Branch $branch): Branch => $branch->mirror(), $this->branches),
        );
    }
}
