<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

/** Cuts a line of beats into tokens. */
final readonly class Lexer
{
    private const PATTERN = '~(?<space>\s+)'
        .'|(?<Note>\#.*)'
        .'|(?<Count>[x×]\d+\b)'
        .'|(?<Word>\p{L}+(?:[\'’-]\p{L}+)*)'
        .'|(?<Clock>\d+:\d+)'
        .'|(?<Number>\d+(?:\.\d+)?)'
        .'|(?<Quoted>"[^"]*"|“[^”]*”)'
        .'|(?<Arrow>->|→)'
        .'|(?<Comma>,)'
        .'|(?<Colon>:)'
        .'|(?<Degree>°)'
        .'|(?<Stray>.)~uA';

    private const TYPES = [
        'Note' => TokenType::Note,
        'Count' => TokenType::Count,
        'Word' => TokenType::Word,
        'Clock' => TokenType::Clock,
        'Number' => TokenType::Number,
        'Quoted' => TokenType::Quoted,
        'Arrow' => TokenType::Arrow,
        'Comma' => TokenType::Comma,
        'Colon' => TokenType::Colon,
        'Degree' => TokenType::Degree,
        'Stray' => TokenType::Stray,
    ];

    /**
     * The tokens of one line, the last of which is its end.
     *
     * @param string $line valid UTF-8, without a line break
     *
     * @return non-empty-list<Token>
     */
    public function line(string $line): array
    {
        $tokens = [];
        $column = 1;
        preg_match_all(self::PATTERN, $line, $matches, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        foreach ($matches as $match) {
            foreach (self::TYPES as $name => $type) {
                if ($match[$name] !== null) {
                    $tokens[] = new Token($type, self::text($type, $match[$name]), $column);

                    break;
                }
            }
            $column += mb_strlen($match[0]);
        }
        $tokens[] = new Token(TokenType::End, '', $column);

        return $tokens;
    }

    private static function text(TokenType $type, string $raw): string
    {
        return match ($type) {
            TokenType::Word, TokenType::Count => mb_strtolower($raw),
            TokenType::Quoted => mb_substr($raw, 1, -1),
            TokenType::Note => trim(mb_substr($raw, 1)),
            default => $raw,
        };
    }
}
