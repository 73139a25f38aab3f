<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

use DomainException;
use StoneDrill\Core\Spelling\Nearest;

/** A model of parameters that means nothing. */
final class ModelException extends DomainException
{
    private function __construct(public readonly string $pointer, string $message, public readonly ?string $nearest = null)
    {
        parent::__construct($message);
    }

    public static function values(string $name): self
    {
        return new self('/parameters/'.$name, sprintf('“%s” needs at least one value, and none of them twice.', $name));
    }

    public static function emptyCombination(int $index): self
    {
        return new self('/forbid/'.$index, 'A forbidden combination names at least one value.');
    }

    /** @param list<string> $known */
    public static function unknownParameter(int $index, string $name, array $known): self
    {
        return new self('/forbid/'.$index, sprintf('Found “%s”, expected one of %s.', $name, implode(', ', $known)), Nearest::to($name, $known));
    }

    /** @param list<string> $known */
    public static function unknownValue(int $index, string $name, string $value, array $known): self
    {
        return new self('/forbid/'.$index.'/'.$name, sprintf('Found “%s”, expected one of %s.', $value, implode(', ', $known)), Nearest::to($value, $known));
    }
}
