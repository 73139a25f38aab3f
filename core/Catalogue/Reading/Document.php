<?php

declare(strict_types=1);

namespace StoneDrill\Core\Catalogue\Reading;

use JsonException;
use StoneDrill\Core\Catalogue\Format;
use StoneDrill\Core\Catalogue\UnreadableCatalogue;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** Turns the text of a catalogue file into plain values, and refuses text that is made to exhaust the reader. */
final readonly class Document
{
    private const MOST_DEPTH = 24;

    /** Bytes of a file. */
    public const MAX_BYTES = 64_000_000;

    /** Values of a YAML file, for each of which its reader needs some 100 bytes and ten microseconds, and of a JSON file. */
    private const MAX_YAML_VALUES = 4_000_000;
    private const MAX_JSON_VALUES = 6_000_000;

    /** The reader of YAML copies every line once for each level that it stands at: spaces before lines, and the lines. */
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
            throw UnreadableCatalogue::because(sprintf('%s MB', number_format(strlen($text) / 1e6, 1)), sprintf('a file of at most %d MB', self::MAX_BYTES / 1_000_000));
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw UnreadableCatalogue::because('bytes that are not UTF-8 text', 'UTF-8 text');
        }
        $document = $format === Format::Json ? self::json($text) : self::yaml($text);
        if (! is_array($document) || ($document !== [] && array_is_list($document))) {
            throw UnreadableCatalogue::because(Fields::describe($document), sprintf('a map that begins with “format: %s”', Format::VERSION));
        }
        self::boundNodes($document, strlen($text));

        return $document;
    }

    private static function json(string $text): mixed
    {
        $groups = substr_count($text, '[') + substr_count($text, '{');
        self::bound($groups, self::MAX_JSON_GROUPS, 'lists and maps', 'Split the file.');
        self::bound($groups + substr_count($text, ','), self::MAX_JSON_VALUES, 'values', 'Split the file.');
        try {
            return json_decode($text, true, self::MOST_DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw UnreadableCatalogue::because(sprintf('text that is not JSON (%s)', lcfirst($error->getMessage())), 'a JSON document', self::lineOfError($text));
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
        self::bound(substr_count($text, "\n") + substr_count($text, ',') + substr_count($text, '- ') + substr_count($text, ': '), self::MAX_YAML_VALUES, 'values', 'Save it as JSON, which takes less memory to read, or split it.');
        self::bound(self::indentation($text), self::MAX_INDENTATION, 'lines and spaces before them', 'Indent less, or save it as JSON.');
        self::bound((int) preg_match_all('/(?:^|[\s\[{,:-])[&*][^\s,\]}]/', $text), self::MAX_ALIASES, 'anchors and aliases', 'Write every value out.');
        try {
            return Yaml::parse($text, Yaml::PARSE_DATETIME | Yaml::PARSE_EXCEPTION_ON_INVALID_TYPE);
        } catch (ParseException $error) {
            $line = $error->getParsedLine();
            $error->setParsedLine(-1);

            throw UnreadableCatalogue::because(sprintf('text that is not YAML (%s)', lcfirst(rtrim($error->getMessage(), '.'))), 'a YAML document', $line > 0 ? $line : null);
        }
    }

    private static function indentation(string $text): int
    {
        $sum = 0;
        for ($at = 0; $at !== false && $at < strlen($text); $at = ($end = strpos($text, "\n", $at)) === false ? false : $end + 1) {
            $sum += 1 + strspn($text, ' ', $at);
        }

        return $sum;
    }

    /** Counted before the reader starts, from the signs that part values: it may take more for it, never less. */
    private static function bound(int $count, int $most, string $what, string $mend): void
    {
        if ($count > $most) {
            throw UnreadableCatalogue::because(sprintf('%s %s', number_format($count), $what), sprintf('at most %s. %s', number_format($most), $mend));
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
        if ($deepest > 4 * self::MOST_DEPTH || preg_match(sprintf('/^ *(?:- +){%d}/m', self::MOST_DEPTH), $text) === 1 || preg_match('/^(?: {240}|\t{60})/m', $text) === 1) {
            throw UnreadableCatalogue::because('lists or maps nested very deeply', sprintf('at most %d levels', self::MOST_DEPTH));
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
                    throw UnreadableCatalogue::because('aliases that unfold to more values than the file has letters', 'every value written out');
                }
                if (is_array($value)) {
                    $open[] = $value;
                }
            }
        }
    }
}
