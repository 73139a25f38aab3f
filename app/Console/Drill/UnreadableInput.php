<?php

declare(strict_types=1);

namespace App\Console\Drill;

use RuntimeException;
use StoneDrill\Core\Catalogue\Problem;
use StoneDrill\Core\Catalogue\UnreadableCatalogue;

/** A call that cannot be carried out: a file that is not there, an id or a date that means nothing. */
final class UnreadableInput extends RuntimeException
{
    /** @param list<Problem> $problems of the file, where it could be opened */
    private function __construct(string $message, public readonly array $problems = [])
    {
        parent::__construct($message);
    }

    public static function catalogue(string $path, UnreadableCatalogue $reason): self
    {
        return new self(implode("\n", array_map(static fn (Problem $problem): string => $path.' '.$problem->toText(), $reason->problems)), $reason->problems);
    }

    /** @param non-empty-list<Problem> $problems */
    public static function problems(string $path, array $problems): self
    {
        return self::catalogue($path, UnreadableCatalogue::of($problems));
    }

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
