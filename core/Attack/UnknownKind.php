<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

use OutOfBoundsException;

/** No kind has this id. */
final class UnknownKind extends OutOfBoundsException
{
    public static function id(string $id): self
    {
        return new self("No kind {$id}.");
    }
}
