<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Text;

/** A text of beats cut into its lines, without those that are empty. */
final class Lines
{
    /**
     * @throws NotationException where it is no text, too long, or empty
     * @return non-empty-list<Line>
     */
    public static function of(string $text, Vocabulary $vocabulary): array
    {
        if (strlen($text) > AnswerLimits::BYTES) {
            $found = Text::of('notation.bytes', ['bytes' => number_format(strlen($text))]);

            throw NotationException::of([
                new NotationError(
                    1,
                    1,
                    $found,
                    Text::of('notation.max-bytes', ['max' => number_format(AnswerLimits::BYTES)]),
                ),
            ]);
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw NotationException::of([
                new NotationError(1, 1, Text::of('notation.not-utf8'), Text::of('notation.utf8')),
            ]);
        }
        $lexer = new Lexer();
        $lines = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $index => $line) {
            if (trim($line) !== '') {
                $lines[] = new Line($index + 1, self::indent($line), $lexer->line($line), $vocabulary);
            }
        }

        return $lines ?: throw NotationException::of([self::none()]);
    }

    /** What is said where nothing stands. */
    public static function none(): NotationError
    {
        return new NotationError(1, 1, Text::of('notation.nothing'), Text::of('notation.at-least-one'));
    }

    private static function indent(string $line): int
    {
        $indent = 0;
        foreach (str_split(substr($line, 0, strspn($line, " \t"))) as $space) {
            $indent = $space === "\t" ? intdiv($indent, 4) * 4 + 4 : $indent + strlen($space);
        }

        return $indent;
    }
}
