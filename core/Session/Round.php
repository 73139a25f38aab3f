<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** Who works with whom for a while. The first of a pair attacks first. */
final readonly class Round
{
    /**
     * @param list<array{string, string}> $pairs ids
     * @param ?string                     $over  id of the one who is in no pair: joins one as a third, or works with an
     *     instructor
     * @param ?int                        $three place of the pair that the one who is over joins; null where an
     *     instructor works with them
     */
    public function __construct(public array $pairs, public ?string $over = null, public ?int $three = null) {}
}
