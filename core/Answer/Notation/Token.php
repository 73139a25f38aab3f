<?php

declare(strict_types=1);

namespace StoneDrill\Core\Answer\Notation;

/** One word, number or sign of a line of beats, and the column it begins in, from 1. */
final readonly class Token
{
    /** @param string $text words in lower case; what was quoted without its quotes; a note without its sign */
    public function __construct(public TokenType $type, public string $text, public int $column) {}

    public function is(TokenType $type, ?string $text = null): bool
    {
        return $this->type === $type && ($text === null || $this->text === $text);
    }

    /** How an error speaks of it. */
    public function describe(): string
    {
        return match ($this->type) {
            TokenType::End => 'the end of the line',
            TokenType::Note => 'a note',
            TokenType::Quoted => sprintf('the words “%s”', mb_strimwidth($this->text, 0, 40, '…')),
            TokenType::Arrow => '“->”',
            default => sprintf('“%s”', mb_strimwidth($this->text, 0, 40, '…')),
        };
    }
}
