<?php

declare(strict_types=1);

namespace StoneDrill\Core\Drill;

use Random\Engine\Mt19937;
use Random\Randomizer;
use StoneDrill\Core\Attack\Family;

/** The tickets of one student, from which the next attack is drawn. */
final readonly class Draw
{
    /** Steps in which chance is drawn. */
    private const STEPS = 1 << 30;

    /** So many tries of one family in a row, and another comes. */
    private const IN_A_ROW = 2;

    /** @param list<Ticket> $tickets those that can be drawn */
    private function __construct(public array $tickets) {}

    /**
     * @param list<Ticket> $tickets
     * @param list<Family> $latest  families of the student's last tries, the newest first
     */
    public static function of(array $tickets, array $latest = []): self
    {
        if (
            count($latest) >= self::IN_A_ROW
            && count(array_unique(array_column(array_slice($latest, 0, self::IN_A_ROW), 'value'))) === 1
        ) {
            $others = array_values(
                array_filter(
                    $tickets,
                    static fn (Ticket $ticket): bool => $ticket->cell->attack->kind->family !== $latest[0],
                ),
            );
            $tickets = $others === [] ? $tickets : $others;
        }

        return new self($tickets);
    }

    /** Bits of choice in it (Shannon 1948): 0 where only one can come. */
    public function entropy(): float
    {
        $weights = array_map(static fn (Ticket $ticket): float => $ticket->weight(), $this->tickets);
        $total = array_sum($weights);
        $bits = 0.0;
        foreach ($weights as $weight) {
            $share = $total > 0.0 ? $weight / $total : 0.0;
            $bits -= $share > 0.0 ? $share * log($share, 2) : 0.0;
        }

        // What is added up of nothing is nothing, and not a little less.
        return max(0.0, $bits);
    }

    /**
     * The ticket that a seed draws, and the chance that it draws the moment with.
     *
     * Each is drawn by the most that it could weigh and taken with the share of it that it does (von Neumann 1951), so
     * that few have to be weighed and each comes as often as it weighs.
     *
     * @return array{Ticket, float}|null null where there is nothing to draw
     */
    public function next(int $seed): ?array
    {
        if ($this->tickets === []) {
            return null;
        }
        $random = new Randomizer(new Mt19937($seed));
        do {
            $ticket = $this->byWeight($this->chance($random), static fn (Ticket $ticket): float => $ticket->most());
        } while ($ticket === null || $this->chance($random) * $ticket->most() >= $ticket->weight());

        return [$ticket, $this->chance($random)];
    }

    /**
     * The ticket that a chance draws where all weights are at hand, as on a device: each as often as it weighs.
     *
     * @param float $chance 0 to 1, without 1
     */
    public function at(float $chance): ?Ticket
    {
        return $this->byWeight($chance, static fn (Ticket $ticket): float => $ticket->weight());
    }

    /**
     * @param float                   $chance 0 to 1, without 1
     * @param callable(Ticket): float $weight
     */
    private function byWeight(float $chance, callable $weight): ?Ticket
    {
        $place = $chance * array_sum(array_map($weight, $this->tickets));
        foreach ($this->tickets as $ticket) {
            $place -= $weight($ticket);
            if ($place < 0) {
                return $ticket;
            }
        }

        return $this->tickets[count($this->tickets) - 1] ?? null;
    }

    private function chance(Randomizer $random): float
    {
        return $random->getInt(0, self::STEPS - 1) / self::STEPS;
    }
}
