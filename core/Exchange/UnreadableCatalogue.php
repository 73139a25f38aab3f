<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange;

use DomainException;
use StoneDrill\Core\Text;

/** A catalogue file that cannot be read, with every place in it that is wrong. */
final class UnreadableCatalogue extends DomainException
{
    /** @param non-empty-list<Problem> $problems in the order of the file */
    private function __construct(public readonly array $problems)
    {
        parent::__construct(
            implode(
                "\n",
                array_map(
                    static fn (Problem $problem): string => sprintf(
                        '%s %s',
                        $problem->pointer,
                        $problem->expected->key,
                    ),
                    $problems,
                ),
            ),
        );
    }

    /** @param non-empty-list<Problem> $problems */
    public static function of(array $problems): self
    {
        return new self($problems);
    }

    public static function because(Text $found, Text $expected, ?int $line = null, ?int $column = null): self
    {
        return new self([new Problem('', $found, $expected, null, $line, $column)]);
    }
}
