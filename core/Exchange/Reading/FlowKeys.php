<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

/**
 * Finds a key of several words that stands without quotes in braces: `{wide hand: backhand}`. The reader of YAML takes
 * its first word for the key and says nothing.
 */
final class FlowKeys
{
    /** Something that may be one; cheap, so that files without any are not looked at closely. */
    private const CANDIDATE = '/[{,]\s*[^\s"\'{}\[\],:#|>&*!]+ [^"\'{}\[\],:#\n]*:[\s,}]/u';

    /**
     * What the text is cut into: block texts, quoted texts and comments, which hold no keys; brackets, commas; keys of
     * several words.
     */
    private const PIECE = '/\G(?:'
        .'(?<skip>(?<=[:-] )[|>][+-]?\d*[ \t]*(?:#[^\n]*)?\n(?:(?<block>(?<indent>[ ]+)[^\n]*\n?)(?:\g{indent}[^\n]*\n?|[ \t]*\n)*)?|"(?:[^"\\\\]|\\\\.)*"|\'(?:[^\']|\'\')*\'|(?:^|(?<=\s))\#[^\n]*)'
        .'|(?<open>[{\[])|(?<close>[}\]])|(?<comma>,)|(?<space>\s+)|(?<plain>[^\s"\'{}\[\],#][^"\'{}\[\],#\n]*)|(?<other>.)'
        .')/us';

    /** @return array{string, int, int}|null the key, its line and its column, from 1; null where there is none */
    public static function unquoted(string $text): ?array
    {
        if (preg_match(self::CANDIDATE, $text) !== 1) {
            return null;
        }
        $open = [];
        $mayBeKey = false;
        for (
            $at = 0;
            $at < strlen($text) && preg_match(self::PIECE, $text, $match, PREG_UNMATCHED_AS_NULL, $at) === 1;
            $at += strlen($match[0])
        ) {
            if ($match['open'] !== null) {
                $open[] = $match['open'];
                $mayBeKey = $match['open'] === '{';
            } elseif ($match['close'] !== null) {
                array_pop($open);
                $mayBeKey = false;
            } elseif ($match['comma'] !== null) {
                $mayBeKey = end($open) === '{';
            } elseif ($mayBeKey && $match['plain'] !== null) {
                $key = preg_match('/^([^:]*\S\s+\S[^:]*):(?=\s|$)/u', $match['plain'], $found) === 1
                    ? rtrim($found[1])
                    : null;
                if ($key !== null) {
                    $before = substr($text, 0, $at);

                    return [
                        $key,
                        substr_count($before, "\n") + 1,
                        mb_strlen(substr($before, (int) strrpos("\n".$before, "\n"))) + 1,
                    ];
                }
                $mayBeKey = false;
            } elseif ($match['space'] === null && ! ($match['skip'] !== null && str_starts_with($match['skip'], '#'))) {
                $mayBeKey = false;
            }
        }

        return null;
    }
}
