<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack\Exception;

use DomainException;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Kind;

/** A facet value that cannot go with the kind or with another facet. */
final class InfeasibleAttack extends DomainException
{
    /** @param list<string> $allowed values of the facet that would be feasible */
    private function __construct(string $message, public readonly Facet $facet, public readonly string $value, public readonly array $allowed)
    {
        parent::__construct($message);
    }

    /** @param list<string> $allowed */
    public static function facet(Kind $kind, Facet $facet, string $value, array $allowed): self
    {
        $message = $allowed === []
            ? sprintf('%s “%s” cannot go with %s, nor can any other.', ucfirst($facet->value), $value, $kind->id)
            : sprintf('%s “%s” cannot go with %s here; allowed: %s.', ucfirst($facet->value), $value, $kind->id, implode(', ', $allowed));

        return new self($message, $facet, $value, $allowed);
    }
}
