<?php

declare(strict_types=1);

namespace StoneDrill\Core;

/**
 * What a reader is told: the key of a text in lang/ and the values in it. The core writes no prose, so what it finds
 * can be compared, kept, and said in any words.
 */
final readonly class Text
{
    /**
     * @param string                                                  $key    empty for words that a school wrote itself
     * @param array<string, int|float|string|self|list<string|self>>  $values by name; a list is told with commas
     * @param ?int                                                    $count  what chooses between one and many
     */
    private function __construct(public string $key, public array $values, public ?int $count) {}

    /** @param array<string, int|float|string|self|list<string|self>> $values by name */
    public static function of(string $key, array $values = []): self
    {
        return new self($key, $values, null);
    }

    /**
     * A text that has one form for one and another for many. `:count` is among its values.
     *
     * @param array<string, int|float|string|self|list<string|self>> $values by name
     */
    public static function counted(string $key, int $count, array $values = []): self
    {
        return new self($key, ['count' => $count, ...$values], $count);
    }

    /** Words as they are, such as a name that a school gave. */
    public static function plain(string $words): self
    {
        return new self('', ['words' => $words], null);
    }
}
