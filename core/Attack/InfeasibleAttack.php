<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

use DomainException;
use StoneDrill\Core\Text;

/** A facet value that cannot go with the kind or with another facet. */
final class InfeasibleAttack extends DomainException
{
    /** @param list<string> $allowed values of the facet that would be feasible */
    private function __construct(
        public readonly Text $text,
        public readonly Facet $facet,
        public readonly string $value,
        public readonly array $allowed,
    ) {
        parent::__construct("{$facet->value} {$value}");
    }

    /** @param list<string> $allowed */
    public static function facet(Kind $kind, Facet $facet, string $value, array $allowed): self
    {
        $text = Text::of($allowed === [] ? 'attack.infeasible-any' : 'attack.infeasible', [
            'facet' => $facet->text(),
            'value' => $value,
            'kind' => $kind->name(),
            'allowed' => $allowed,
        ]);

        return new self($text, $facet, $value, $allowed);
    }
}
