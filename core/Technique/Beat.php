<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** What is done at the same time, what it is assumed to do to the attacker, and what if it does not. */
final readonly class Beat
{
    /** Degrees that the body turns with a strike within its time. */
    public const FREE_TURN = 45.0;

    /**
     * @param non-empty-list<Action> $actions
     * @param list<Effect>           $effects    none, one, or two of which the first is the main line
     * @param list<Branch>           $branches
     * @param bool                   $isTogether whether both effects come together, rather than one of them
     * @param bool                   $isOptional whether it may be left out
     * @param list<Reading>          $readings   how it reads for some, each of them once
     */
    public function __construct(
        public array $actions,
        public array $effects = [],
        public ?string $note = null,
        public array $branches = [],
        public bool $isTogether = false,
        public bool $isOptional = false,
        public array $readings = [],
    ) {}

    /** What is called for it in a drill: a note that begins with an exclamation mark. */
    public function cue(): ?string
    {
        $cue = $this->note !== null && str_starts_with($this->note, '!') ? trim(substr($this->note, 1)) : '';

        return $cue === '' ? null : $cue;
    }

    /** @return list<Effect> what the author assumes on the main line */
    public function assumed(): array
    {
        return $this->isTogether ? $this->effects : array_slice($this->effects, 0, 1);
    }

    /** The effect that may come instead of the one of the main line; null where there is none. */
    public function alternative(): ?Effect
    {
        return $this->isTogether ? null : $this->effects[1] ?? null;
    }

    /** @param list<Branch> $branches */
    public function withBranches(array $branches): self
    {
        return new self(
            $this->actions,
            $this->effects,
            $this->note,
            $branches,
            $this->isTogether,
            $this->isOptional,
            $this->readings,
        );
    }

    /** @param list<Reading> $readings */
    public function withReadings(array $readings): self
    {
        return new self(
            $this->actions,
            $this->effects,
            $this->note,
            $this->branches,
            $this->isTogether,
            $this->isOptional,
            $readings,
        );
    }

    /** @param non-empty-list<Action> $actions */
    public function withActions(array $actions): self
    {
        return new self(
            $actions,
            $this->effects,
            $this->note,
            $this->branches,
            $this->isTogether,
            $this->isOptional,
            $this->readings,
        );
    }

    /** @param list<Effect> $effects what may come of it; both together only where both are left */
    public function withEffects(array $effects): self
    {
        return new self(
            $this->actions,
            $effects,
            $this->note,
            $this->branches,
            $this->isTogether && count($effects) === 2,
            $this->isOptional,
            $this->readings,
        );
    }

    public function withAction(int $position, Action $action): self
    {
        return $this->withActions(array_values(array_replace($this->actions, [$position => $action])));
    }

    public function and(Action $action): self
    {
        return $this->withActions([...$this->actions, $action]);
    }

    /** The beat as its main line has it. */
    public function withoutBranches(): self
    {
        return $this->withBranches([]);
    }

    /**
     * As it reads for those of a rank, called by any of these words, or for youth; its branches too. Youth goes before
     * a rank.
     */
    public function readFor(bool $isYouth, string ...$rank): self
    {
        if ($this->readings === []) {
            return $this->withReadBranches($isYouth, ...$rank);
        }
        $words = [...$isYouth ? [Reading::YOUTH] : [], ...array_map(mb_strtolower(...), $rank)];
        foreach ($words as $word) {
            foreach ($this->readings as $reading) {
                if ($reading->for === $word) {
                    return $reading->beat
                        ->withOptional($this->isOptional)
                        ->withBranches($this->branches)
                        ->withReadBranches($isYouth, ...$rank);
                }
            }
        }

        return $this->withReadings([])->withReadBranches($isYouth, ...$rank);
    }

    private function withOptional(bool $isOptional): self
    {
        return new self(
            $this->actions,
            $this->effects,
            $this->note,
            $this->branches,
            $this->isTogether,
            $isOptional,
            $this->readings,
        );
    }

    private function withReadBranches(bool $isYouth, string ...$rank): self
    {
        return $this->branches === []
            ? $this
            : $this->withBranches(
                array_map(
                    static fn (Branch $branch): Branch => $branch->withBeats(
                        array_map(static fn (self $beat): self => $beat->readFor($isYouth, ...$rank), $branch->beats),
                    ),
                    $this->branches,
                ),
            );
    }

    /**
     * Seconds it takes at full pace: those of its longest action. A kick or knee begins when the step that brings it
     * there is over, and a strike that turns the body more than 45° takes longer by 1 s for each 360°.
     *
     * @param array<int, float> $turns degrees that the body turns with an action, by position
     */
    public function seconds(array $turns = []): float
    {
        $longest = 0.0;
        foreach ($this->actions as $position => $action) {
            $turning = max(0.0, abs($turns[$position] ?? 0.0) - self::FREE_TURN) / 360;
            $longest = max(
                $longest,
                $action->seconds() + $turning + (self::stepBefore($this->actions, $action)?->seconds() ?? 0.0),
            );
        }

        return $longest;
    }

    /**
     * The step, cross or slide of the other foot that is written before a kick or knee in the same beat: it is thrown
     * from where that foot has come.
     *
     * @param list<Action> $actions of the beat
     */
    public static function stepBefore(array $actions, Action $kick): ?Action
    {
        if (
            ! ($kick->verb instanceof Strike)
            || $kick->limb === null
            || ! ($kick->verb->isKick() || $kick->verb === Strike::Knee)
        ) {
            return null;
        }
        $step = null;
        foreach ($actions as $action) {
            if ($action === $kick) {
                return $step;
            }
            if (
                $action->is(Verb::Slide)
                || (($action->is(Verb::Step) || $action->is(Verb::Cross))
                    && $action->limb?->isLeft() !== $kick->limb->isLeft())
            ) {
                $step = $action;
            }
        }

        return null;
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
            $this->isTogether,
            $this->isOptional,
            array_map(static fn (Reading $reading): Reading => $reading->mirror(), $this->readings),
        );
    }
}
