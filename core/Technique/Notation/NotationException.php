<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use DomainException;

/** A text of beats that cannot be read, with every place in it that is wrong. */
final class NotationException extends DomainException
{
    /** @param non-empty-list<NotationError> $errors in the order of the text */
    private function __construct(public readonly array $errors)
    {
        parent::__construct(
            implode(
                "\n",
                array_map(
                    static fn (NotationError $error): string => sprintf(
                        '%d:%d %s',
                        $error->line,
                        $error->column,
                        $error->expected->key,
                    ),
                    $errors,
                ),
            ),
        );
    }

    /** @param non-empty-list<NotationError> $errors */
    public static function of(array $errors): self
    {
        return new self($errors);
    }
}
