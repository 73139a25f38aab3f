<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateTimeImmutable;

/** What a week of counted tries showed. */
final readonly class Week
{
    /**
     * @param DateTimeImmutable                                            $from    its Monday, 0:00 where the school is
     * @param int                                                          $people  who tried something
     * @param array<int, array{tries: int, clean: int}>                    $rungs   by the number of the rung, of those
     *     that were tried
     * @param array<int, array{tries: int, clean: int, was: int, of: int}> $alike   the same of those sides of attacks
     *     alone that were tried at the rung in the week before too: `was` clean then, `of` so many
     * @param list<Turn>                                                   $held    what somebody newly holds at its end
     * @param list<Turn>                                                   $faded   what somebody holds no more at its
     *     end
     */
    public function __construct(
        public DateTimeImmutable $from,
        public int $tries,
        public int $people,
        public array $rungs,
        public array $alike,
        public array $held,
        public array $faded,
    ) {}
}
