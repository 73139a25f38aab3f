<?php

declare(strict_types=1);

namespace App\Console\Drill;

use RuntimeException;

/** A call that cannot be carried out: a file that is not there, an id or a date that means nothing. */
final class UnreadableInput extends RuntimeException
{
    public static function file(string $path): self
    {
        return new self(sprintf('%s: there is no file here that can be read.', $path));
    }

    /** @param string $expected what could stand there */
    public static function option(string $option, string $found, string $expected, ?string $nearest = null): self
    {
        return new self(sprintf('--%s: found “%s”, expected %s.', $option, $found, $expected).($nearest === null ? '' : sprintf(' Did you mean “%s”?', $nearest)));
    }
}
