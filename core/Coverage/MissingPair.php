<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Kind;

/** Two values that can go together and do in no attack of the catalogue. */
final readonly class MissingPair
{
    /**
     * @param array<string, string> $values  by id of the aspect: two of them
     * @param int                   $attacks how many feasible attacks have both, of all kinds and facets
     * @param Kind                  $kind    of one such attack
     * @param Facets                $facets  of one such attack, the most usual values besides the two
     */
    public function __construct(public array $values, public int $attacks, public Kind $kind, public Facets $facets) {}
}
