<?php

declare(strict_types=1);

namespace App\Persistence;

/**
 * A row that the database holds and that cannot be read: it is left out of everything but its own page, which says why.
 */
final readonly class UnreadableRow
{
    /**
     * @param string $table as the database calls it: schools, kinds, attacks, answers
     * @param string $title what people call it
     * @param string $why   what is wrong with it, in a sentence
     */
    public function __construct(public string $table, public int $id, public string $title, public string $why) {}

    /** Whether it has a page of its own, where it can be edited and deleted. */
    public function hasPage(): bool
    {
        return in_array($this->table, ['attacks', 'answers'], true);
    }
}
