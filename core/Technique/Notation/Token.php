<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Text;

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
    public function describe(): Text
    {
        return match ($this->type) {
            TokenType::End => Text::of('notation.end'),
            TokenType::Note => Text::of('notation.note'),
            TokenType::Quoted => Text::of('notation.found-words', ['words' => mb_strimwidth($this->text, 0, 40, '…')]),
            TokenType::Arrow => Text::of('notation.found-word', ['word' => '->']),
            default => Text::of('notation.found-word', ['word' => mb_strimwidth($this->text, 0, 40, '…')]),
        };
    }
}
