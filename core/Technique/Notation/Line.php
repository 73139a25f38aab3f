<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use BackedEnum;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Text;

/** One line of beats being read from left to right. */
final class Line
{
    private int $at = 0;

    /**
     * @param int                   $number from 1
     * @param int                   $indent columns before the first token; a tab goes to the next fourth
     * @param non-empty-list<Token> $tokens the last of which is the end
     */
    public function __construct(
        public readonly int $number,
        public readonly int $indent,
        private readonly array $tokens,
        private readonly Vocabulary $vocabulary,
    ) {}

    public function peek(): Token
    {
        return $this->tokens[$this->at];
    }

    public function isAtEnd(): bool
    {
        return $this->peek()->is(TokenType::End);
    }

    /** Whether the next words are these. */
    public function sees(string ...$words): bool
    {
        foreach (array_values($words) as $ahead => $word) {
            if (! ($this->tokens[$this->at + $ahead] ?? $this->peek())->is(TokenType::Word, $word)) {
                return false;
            }
        }

        return true;
    }

    /** Takes the next token if it is of this type (and text). */
    public function take(TokenType $type, ?string $text = null): ?Token
    {
        return $this->peek()->is($type, $text) ? $this->tokens[$this->at++] : null;
    }

    /** Takes the next words if they are these. */
    public function takeWords(string ...$words): bool
    {
        if (! $this->sees(...$words)) {
            return false;
        }
        $this->at += count($words);

        return true;
    }

    /** Whether the longest phrase of its group that comes next means this. */
    public function seesPhrase(BackedEnum $word): bool
    {
        return ($this->phrase($word::class)[0] ?? null) === $word;
    }

    /**
     * Whether a phrase of a group comes next.
     *
     * @param class-string<BackedEnum> $group
     */
    public function seesAny(string $group): bool
    {
        return $this->phrase($group) !== null;
    }

    /**
     * Takes what stands before the next colon, and the colon; null where none comes.
     */
    public function takeUntilColon(): ?string
    {
        $text = '';
        for ($ahead = $this->at; ! $this->tokens[$ahead]->is(TokenType::Colon); $ahead++) {
            if ($this->tokens[$ahead]->is(TokenType::End)) {
                return null;
            }
            $isApart = $ahead > $this->at
            && $this->tokens[$ahead]->column
                > $this->tokens[$ahead - 1]->column + mb_strlen($this->tokens[$ahead - 1]->text);
            $text .= ($isApart ? ' ' : '').$this->tokens[$ahead]->text;
        }
        $this->at = $ahead + 1;

        return mb_strtolower($text);
    }

    /**
     * Takes the longest phrase of a group that comes next.
     *
     * @template T of BackedEnum
     *
     * @param class-string<T> $group
     *
     * @return T|null
     */
    public function takePhrase(string $group): ?BackedEnum
    {
        $match = $this->phrase($group);
        if ($match === null) {
            return null;
        }
        $this->at += $match[1];

        return $match[0];
    }

    /** Whether one of the eight directions comes next. */
    public function seesDirection(): bool
    {
        return Vocabulary::direction($this->words()) !== null;
    }

    /** Takes the longest of the eight directions that comes next. */
    public function takeDirection(): ?Bearing
    {
        [$bearing, $words] = Vocabulary::direction($this->words()) ?? [null, 0];
        $this->at += $words;

        return $bearing;
    }

    /**
     * @param class-string<BackedEnum> $group
     *
     * @return array{BackedEnum, int}|null
     */
    private function phrase(string $group): ?array
    {
        return $this->vocabulary->match($group, $this->words());
    }

    /** @return list<string> that come next */
    private function words(): array
    {
        $words = [];
        for ($ahead = $this->at; $this->tokens[$ahead]->is(TokenType::Word); $ahead++) {
            $words[] = $this->tokens[$ahead]->text;
        }

        return $words;
    }

    /**
     * Refuses what comes next.
     *
     * @param Text         $expected what could stand there
     * @param list<string> $known    words among which the nearest is looked for
     */
    public function refuse(Text $expected, array $known = []): LineError
    {
        return $this->refuseAt($this->peek(), $expected, $known);
    }

    /** @param list<string> $known */
    public function refuseAt(Token $token, Text $expected, array $known = []): LineError
    {
        return LineError::at(
            $this->number,
            $token,
            $expected,
            $token->is(TokenType::Word) ? $this->nearest($token, $known) : null,
        );
    }

    /** @param list<string> $known */
    private function nearest(Token $token, array $known): ?string
    {
        $next = $this->tokens[array_search($token, $this->tokens, true) + 1];
        $said = ($next->is(TokenType::Word) ? Spoken::write($token->text.' '.$next->text, $known) : null)
        ?? Spoken::write($token->text, $known);
        if ($said !== null) {
            return $said;
        }
        $pair = $next->is(TokenType::Word)
            ? Nearest::to(
                $token->text.' '.$next->text,
                array_filter($known, static fn (string $word): bool => str_contains($word, ' ')),
            )
            : null;

        return $pair ?? Nearest::to($token->text, $known);
    }
}
