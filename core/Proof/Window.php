<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateInterval;
use DateTimeImmutable;
use StoneDrill\Core\Curriculum\Ladder;

/**
 * What is kept of all reps of one student against one side of one attack: enough to read proof at any moment after the
 * last of them, exactly as from all reps.
 */
final class Window
{
    /** Seconds since 1970 at which it was read last. */
    private ?int $moment = null;

    /** @var list<array{int, float, float}> what its tries weighed then, as {@see Evidence::weighed()} has them */
    private array $weighed = [];

    /** @var array<int, Evidence> what it said then, by rung */
    private array $read = [];

    /**
     * @param list<array{int, int, float}> $tries the latest that count, in order of time: seconds since 1970, rung,
     *     credit
     * @param ?int                         $ever  highest rung that was held just after some rep; every lower one was
     *     too
     * @param int                          $count how many reps count in all
     * @param ?int                         $last  seconds since 1970 of the last one
     * @param ProofRules                   $rules by which it is read, the same by which it was made
     */
    public function __construct(
        public readonly array $tries,
        public readonly ?int $ever,
        public readonly int $count,
        public readonly ?int $last,
        private readonly ProofRules $rules = new ProofRules(),
    ) {}

    /**
     * @param list<Rep> $reps of one student against one side of one attack, in any order; what another replaces left
     *     out
     */
    public static function of(array $reps, Ladder $ladder, ProofRules $rules = new ProofRules()): self
    {
        $reps = array_values(array_filter($reps, static fn (Rep $rep): bool => $rep->counts()));
        usort($reps, static fn (Rep $a, Rep $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return self::ofTries(self::tries($reps, $rules), $ladder, $rules);
    }

    /** @param list<array{int, int, float}> $tries all that count, in order of time, as {@see try()} has them */
    public static function ofTries(array $tries, Ladder $ladder, ProofRules $rules = new ProofRules()): self
    {
        $open = $ladder->ids();
        $ever = null;
        $glance = new Glance($tries, $rules);
        foreach ($tries as $last => $try) {
            // Success counts below too and failure above: what is held at a rung is held at every lower one.
            while (
                $open !== []
                && $glance->mayHold($open[0], $last)
                && Evidence::of(self::upTo($tries, $last, $rules), $open[0], $try[0], $rules)->holds()
            ) {
                $ever = array_shift($open);
            }
        }

        return new self(
            self::upTo($tries, count($tries) - 1, $rules),
            $ever,
            count($tries),
            $tries === [] ? null : $tries[count($tries) - 1][0],
            $rules,
        );
    }

    /** @return array{int, int, float} seconds since 1970, rung, credit */
    public static function try(Rep $rep, ProofRules $rules = new ProofRules()): array
    {
        return [$rep->at->getTimestamp(), $rep->rung, $rules->credit($rep->outcome, $rep->details->touched) ?? 0.0];
    }

    /**
     * @param list<Rep> $reps
     *
     * @return list<array{int, int, float}> as {@see try()} has them
     */
    public static function tries(array $reps, ProofRules $rules): array
    {
        return array_map(static fn (Rep $rep): array => self::try($rep, $rules), $reps);
    }

    /** Of no reps. */
    public static function empty(): self
    {
        return new self([], null, 0, null);
    }

    /** Whether it says everything there is to say at a moment. */
    public function reaches(DateTimeImmutable $at): bool
    {
        return $this->last === null || $this->last <= $at->getTimestamp();
    }

    /** What the tries weigh for a rung; rungs between which nothing was tried share one. */
    public function evidence(int $rung, DateTimeImmutable $at): Evidence
    {
        $moment = $at->getTimestamp();
        if ($moment !== $this->moment) {
            [$this->moment, $this->weighed, $this->read] = [
                $moment,
                Evidence::weighed($this->tries, $moment, $this->rules),
                [],
            ];
        }

        return $this->read[$rung] ??= $this->shared(Evidence::ofWeighed($this->weighed, $rung));
    }

    /** Whether it is held; most of what was tried a few times is told without weighing it. */
    public function holds(int $rung, DateTimeImmutable $at): bool
    {
        $most = 0.0;
        foreach ($this->tries as [, $of, $credit]) {
            $most += $of >= $rung ? $credit : 0.0;
        }

        return $most >= Evidence::LEAST_TO_HOLD && $this->evidence($rung, $at)->holds();
    }

    /** The same that was read before, if it was. */
    private function shared(Evidence $evidence): Evidence
    {
        foreach ($this->read as $other) {
            if ($other->equals($evidence)) {
                return $other;
            }
        }

        return $evidence;
    }

    public function state(int $rung, DateTimeImmutable $at): ProofState
    {
        $evidence = $this->evidence($rung, $at);

        return $evidence->weight() > 0
            ? ProofState::of($evidence, fn (): bool => $this->ever !== null && $rung <= $this->ever)
            : ProofState::Untried;
    }

    /** Whether one more clean try now would make it held, where it is not. */
    public function lacksOne(int $rung, DateTimeImmutable $at): bool
    {
        $tries = [...array_slice($this->tries, -($this->rules->window - 1)), [$at->getTimestamp(), $rung, 1.0]];

        return ! $this->holds($rung, $at) && Evidence::of($tries, $rung, $at->getTimestamp(), $this->rules)->holds();
    }

    /** The first day on which, with no more reps, it is not held any more; null where it is not held now. */
    public function fadesOn(int $rung, DateTimeImmutable $at): ?DateTimeImmutable
    {
        if (! $this->holds($rung, $at)) {
            return null;
        }

        return $at->add(
            new DateInterval(sprintf('P%dD', $this->evidence($rung, $at)->daysUntilFaded($this->rules->halfLife))),
        );
    }

    /**
     * @param list<array{int, int, float}> $tries in order of time
     *
     * @return list<array{int, int, float}>
     */
    private static function upTo(array $tries, int $last, ProofRules $rules): array
    {
        return array_slice($tries, max(0, $last - $rules->window + 1), min($rules->window, $last + 1));
    }
}
