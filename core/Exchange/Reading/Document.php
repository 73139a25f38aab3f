<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use JsonException;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\UnreadableCatalogue;
use StoneDrill\Core\Text;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** Turns the text of a catalogue file into plain values, and refuses text that is made to exhaust the reader. */
final readonly class Document
{
    private const MAX_DEPTH = 24;

    /** Bytes of a file. */
    public const MAX_BYTES = 64_000_000;

    /**
     * Values of a YAML file, for each of which its reader needs some 100 bytes and ten microseconds, and of a JSON
     * file.
     */
    private const MAX_YAML_VALUES = 4_000_000;
    private const MAX_JSON_VALUES = 6_000_000;

    /**
     * The reader of YAML copies every line once for each level that it stands at: spaces before lines, and the lines.
     */
    private const MAX_INDENTATION = 3_000_000;

    /** Lists and maps of a JSON file, each of which takes some 400 bytes. */
    private const MAX_JSON_GROUPS = 800_000;

    /** Anchors and aliases of a YAML file. What this program writes has none. */
    private const MAX_ALIASES = 200;

    /**
     * @throws UnreadableCatalogue when it is no JSON or YAML, or grows out of bounds
     * @return array<array-key, mixed>
     */
    public static function decode(string $text, Format $format): array
    {
        if (strlen($text) > self::MAX_BYTES) {
            throw UnreadableCatalogue::because(
                Text::of('file.megabytes', ['size' => number_format(strlen($text) / 1e6, 1)]),
                Text::of('file.max-megabytes', ['max' => intdiv(self::MAX_BYTES, 1_000_000)]),
            );
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw UnreadableCatalogue::because(Text::of('notation.not-utf8'), Text::of('notation.utf8'));
        }
        $document = $format === Format::Json ? self::json($text) : self::yaml($text);
        if (! is_array($document) || ($document !== [] && array_is_list($document))) {
            throw UnreadableCatalogue::because(
                Fields::describe($document),
                Text::of('file.map-with-format', ['format' => Format::VERSION]),
            );
        }
        self::boundNodes($document, strlen($text));

        return $document;
    }

    private static function json(string $text): mixed
    {
        $groups = substr_count($text, '[') + substr_count($text, '{');
        self::bound($groups, self::MAX_JSON_GROUPS, 'file.lists-and-maps', 'file.split');
        self::bound($groups + substr_count($text, ','), self::MAX_JSON_VALUES, 'file.values', 'file.split');
        try {
            return json_decode($text, true, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw UnreadableCatalogue::because(
                Text::of('file.not-json', ['error' => lcfirst($error->getMessage())]),
                Text::of('file.json'),
                self::lineOfError($text),
            );
        }
    }

    /** PHP's decoder does not tell where it stopped; JSON being a part of YAML, the YAML reader often can. */
    private static function lineOfError(string $text): ?int
    {
        try {
            self::yaml($text);
        } catch (UnreadableCatalogue $error) {
            return $error->problems[0]->line;
        }

        return null;
    }

    private static function yaml(string $text): mixed
    {
        self::boundDepth($text);
        self::bound(
            substr_count($text, "\n")
                + substr_count($text, ',')
                + substr_count($text, '- ')
                + substr_count($text, ': '),
            self::MAX_YAML_VALUES,
            'file.values',
            'file.save-as-json',
        );
        self::bound(self::indentation($text), self::MAX_INDENTATION, 'file.lines-and-spaces', 'file.indent-less');
        self::bound(
            (int) preg_match_all('/(?:^|[\s\[{,:-])[&*][^\s,\]}]/', $text),
            self::MAX_ALIASES,
            'file.anchors',
            'file.write-out',
        );
        $key = FlowKeys::unquoted($text);
        if ($key !== null) {
            throw UnreadableCatalogue::because(
                Text::of('file.word', ['word' => $key[0].':']),
                Text::of('file.quoted-key', ['key' => $key[0]]),
                $key[1],
                $key[2],
            );
        }
        try {
            return Yaml::parse($text, Yaml::PARSE_DATETIME | Yaml::PARSE_EXCEPTION_ON_INVALID_TYPE);
        } catch (ParseException $error) {
            $line = $error->getParsedLine();
            $error->setParsedLine(-1);

            throw UnreadableCatalogue::because(
                Text::of('file.not-yaml', ['error' => lcfirst(rtrim($error->getMessage(), '.'))]),
                Text::of('file.yaml'),
                $line > 0 ? $line : null,
            );
        }
    }

    private static function indentation(string $text): int
    {
        $sum = 0;
        for (
            $at = 0;
            $at !== false && $at < strlen($text);
            $at = ($end = strpos($text, "\n", $at)) === false ? false : $end + 1
        ) {
            $sum += 1 + strspn($text, ' ', $at);
        }

        return $sum;
    }

    /** Counted before the reader starts, from the signs that part values: it may take more for it, never less. */
    private static function bound(int $count, int $max, string $found, string $mend): void
    {
        if ($count > $max) {
            throw UnreadableCatalogue::because(
                Text::of($found, ['count' => number_format($count)]),
                Text::of('file.at-most-and', ['max' => number_format($max), 'mend' => Text::of($mend)]),
            );
        }
    }

    /** The YAML reader calls itself for every level, so levels are counted before it starts. */
    private static function boundDepth(string $text): void
    {
        $depth = $deepest = 0;
        preg_match_all('/[\[{]|[\]}]/', $text, $brackets);
        foreach ($brackets[0] as $bracket) {
            $depth = max(0, $depth + ($bracket === '[' || $bracket === '{' ? 1 : -1));
            $deepest = max($deepest, $depth);
        }
        if (
            $deepest > 4 * self::MAX_DEPTH
            || preg_match(sprintf('/^ *(?:- +){%d}/m', self::MAX_DEPTH), $text) === 1
            || preg_match('/^(?: {240}|\t{60})/m', $text) === 1
        ) {
            throw UnreadableCatalogue::because(
                Text::of('file.deep'),
                Text::of('file.max-levels', ['max' => self::MAX_DEPTH]),
            );
        }
    }

    /**
     * Every value takes at least a byte of the file, unless an alias repeats it: more values than bytes are a file
     * that unfolds without bound.
     *
     * @param array<array-key, mixed> $document
     */
    private static function boundNodes(array $document, int $bytes): void
    {
        $nodes = 0;
        $open = [$document];
        while (($values = array_pop($open)) !== null) {
            foreach ($values as $value) {
                if (++$nodes > $bytes) {
                    throw UnreadableCatalogue::because(Text::of('file.unfolds'), Text::of('file.written-out'));
                }
                if (is_array($value)) {
                    $open[] = $value;
                }
            }
        }
    }
}
