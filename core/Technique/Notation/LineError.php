<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use RuntimeException;
use StoneDrill\Core\Text;

/** Leaves the reading of one line, so that the next can be tried. */
final class LineError extends RuntimeException
{
    private function __construct(public readonly NotationError $error)
    {
        parent::__construct(sprintf('%d:%d %s', $error->line, $error->column, $error->expected->key));
    }

    public static function at(int $line, Token $token, Text $expected, ?string $nearest = null): self
    {
        return new self(new NotationError($line, $token->column, $token->describe(), $expected, $nearest));
    }
}
