<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

use DomainException;
use StoneDrill\Core\Technique\Notation\Nearest;
use StoneDrill\Core\Text;

/** A model of parameters that means nothing. */
final class ModelException extends DomainException
{
    private function __construct(
        public readonly string $pointer,
        public readonly Text $text,
        public readonly ?string $nearest = null,
    ) {
        parent::__construct("{$pointer} {$text->key}");
    }

    public static function values(string $name): self
    {
        return new self('/parameters/'.$name, Text::of('pairs.values', ['name' => $name]));
    }

    public static function emptyCombination(int $index): self
    {
        return new self('/forbid/'.$index, Text::of('pairs.empty'));
    }

    /** @param list<string> $known */
    public static function unknownParameter(int $index, string $name, array $known): self
    {
        return new self(
            '/forbid/'.$index,
            Text::of('pairs.unknown', ['word' => $name, 'known' => $known]),
            Nearest::to($name, $known),
        );
    }

    /** @param list<string> $known */
    public static function unknownValue(int $index, string $name, string $value, array $known): self
    {
        return new self(
            '/forbid/'.$index.'/'.$name,
            Text::of('pairs.unknown', ['word' => $value, 'known' => $known]),
            Nearest::to($value, $known),
        );
    }
}
