<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/**
 * About what the latest tries weigh for a rung, taken along from one try to the next: it shows that most tries make
 * nothing held, without weighing all before them again.
 */
final class Glance
{
    private const DAY = 86_400;

    /** What rounding may have taken, many times over. */
    private const ROUNDING = 1e-9;

    /** By how much a try may weigh more than it does here: it ages by whole days, and here by seconds. */
    private readonly float $most;

    private ?int $rung = null;

    /** Places of the first try that is taken along, and of the next one. */
    private int $first = 0;
    private int $next = 0;

    private float $success = 0.0;
    private float $failure = 0.0;

    /** @param list<array{int, int, float}> $tries in order of time, as {@see Window::try()} has them */
    public function __construct(private readonly array $tries, private readonly ProofRules $rules)
    {
        $this->most = 2 ** (1 / $rules->halfLife) + self::ROUNDING;
    }

    /**
     * Whether a rung may be held just after a try. Where not, {@see Evidence::holds()} says so, too.
     *
     * @param int $last its place; for the same rung never before that of the call before
     */
    public function mayHold(int $rung, int $last): bool
    {
        if ($rung !== $this->rung) {
            $this->rung = $rung;
            $this->first = $this->next = max(0, $last - $this->rules->window + 1);
            $this->success = $this->failure = 0.0;
        }
        while ($this->next <= $last) {
            $this->take($this->next++);
        }

        return (new Evidence($this->success * $this->most, $this->failure))->mayHold();
    }

    /** Takes one more along: those before weigh less by then, and the oldest drops out. */
    private function take(int $place): void
    {
        if ($place > $this->first) {
            $fade = $this->fade($place - 1, $place);
            $this->success *= $fade;
            $this->failure *= $fade;
        }
        $this->add($place, 1.0);
        if ($place - $this->first >= $this->rules->window) {
            $this->add($this->first, -$this->fade($this->first, $place));
            $this->first++;
        }
    }

    private function add(int $place, float $weight): void
    {
        [, $rung, $credit] = $this->tries[$place];
        $this->success += $rung >= $this->rung ? $weight * $credit : 0.0;
        $this->failure += $rung <= $this->rung ? $weight * (1 - $credit) : 0.0;
    }

    /** What is left at a later try of what one weighed. */
    private function fade(int $then, int $now): float
    {
        return 2 ** (($this->tries[$then][0] - $this->tries[$now][0]) / (self::DAY * $this->rules->halfLife));
    }
}
