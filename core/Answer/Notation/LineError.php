<?php

declare(strict_types=1);

namespace StoneDrill\Core\Answer\Notation;

use RuntimeException;

/** Leaves the reading of one line, so that the next can be tried. */
final class LineError extends RuntimeException
{
    private function __construct(public readonly NotationError $error)
    {
        parent::__construct($error->toText());
    }

    public static function at(int $line, Token $token, string $expected, ?string $nearest = null): self
    {
        return new self(new NotationError($line, $token->column, $token->describe(), $expected, $nearest));
    }
}
