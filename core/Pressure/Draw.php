<?php

declare(strict_types=1);

namespace StoneDrill\Core\Pressure;

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

    /**
     * @param list<Ticket> $tickets those that can be drawn
     * @param list<float>  $weights theirs
     */
    private function __construct(public array $tickets, private array $weights) {}

    /**
     * @param list<Ticket> $tickets
     * @param list<Family> $latest  families of the student's last tries, the newest first
     */
    public static function of(array $tickets, array $latest = []): self
    {
        if (count($latest) >= self::IN_A_ROW && count(array_unique(array_column(array_slice($latest, 0, self::IN_A_ROW), 'value'))) === 1) {
            $others = array_values(array_filter($tickets, static fn (Ticket $ticket): bool => $ticket->cell->attack->kind->family !== $latest[0]));
            $tickets = $others === [] ? $tickets : $others;
        }

        return new self($tickets, array_map(static fn (Ticket $ticket): float => $ticket->weight(), $tickets));
    }

    /** Bits of choice in it (Shannon 1948): 0 where only one can come. */
    public function entropy(): float
    {
        $total = array_sum($this->weights);
        $bits = 0.0;
        foreach ($this->weights as $weight) {
            $share = $total > 0.0 ? $weight / $total : 0.0;
            $bits -= $share > 0.0 ? $share * log($share, 2) : 0.0;
        }

        // What is added up of nothing is nothing, and not a little less.
        return max(0.0, $bits);
    }

    /**
     * The ticket that a seed draws, and the chance that it draws the moment with.
     *
     * @return array{Ticket, float}|null null where there is nothing to draw
     */
    public function next(int $seed): ?array
    {
        if ($this->tickets === []) {
            return null;
        }
        $random = new Randomizer(new Mt19937($seed));
        $place = $random->getInt(0, self::STEPS - 1) / self::STEPS * array_sum($this->weights);
        $moment = $random->getInt(0, self::STEPS - 1) / self::STEPS;
        foreach ($this->tickets as $index => $ticket) {
            $place -= $this->weights[$index];
            if ($place < 0) {
                return [$ticket, $moment];
            }
        }

        return [$this->tickets[count($this->tickets) - 1], $moment];
    }
}
