<?php

declare(strict_types=1);

namespace Tests\Support;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** Where the words of the application stand: in lang/, and nowhere else. */
final class Words
{
    /** Attributes that somebody reads or hears. */
    private const READ = 'aria-label|title|placeholder|alt|label|text|question|hint|caption|description|legend';

    /** What is written in letters and said to nobody: SQL, patterns, formats of other programs. */
    private const UNSAID = '/\b(select|insert|delete|where|case when|analyze|order by|nulls last|as revision|t on t\.id)\b|^\/|[{}<>^$\\\\]|https?:|%[sd]/i';

    /**
     * Files whose words are data, which a school can write otherwise: names of kinds and rungs, the demo, the notation.
     */
    private const DATA = [
        'core/Attack/Wording/AttackWords.php', 'core/Attack/Wording/Words.php', 'core/Curriculum/Ladder.php',
        'core/Technique/', 'core/Coverage/HoleKind.php', 'core/Coverage/Weakness.php', 'app/Persistence/Demo',
        'app/View/Workbench/Draft.php', 'app/Http/Controllers/FirstStepsController.php',
    ];

    /** @return array<string, bool> every key, true where it is a text itself and not a list of them */
    public static function keys(): array
    {
        $keys = [];
        foreach (Sources::paths('lang/en', '.php') as $path) {
            $keys[basename($path, '.php')] = false;
            self::walk(require Sources::root().'/'.$path, basename($path, '.php'), $keys);
        }

        return $keys;
    }

    /**
     * Keys in a piece of code: true where one is whole, false where it is the beginning of some.
     *
     * @return array<string, bool>
     */
    public static function used(string $code): array
    {
        $files = implode(
            '|',
            array_map(static fn (string $path): string => basename($path, '.php'), Sources::paths('lang/en', '.php')),
        );
        $used = [];
        // In single quotes it is whole, unless something is added to it; in double quotes it goes on with a value.
        preg_match_all(
            "/'((?:{$files})\\.[a-z0-9_ .-]*)'(\\s*\\.)?|\"((?:{$files})\\.[a-z0-9_ .-]*)\\{/",
            $code,
            $found,
            PREG_SET_ORDER,
        );
        foreach ($found as $one) {
            $key = ($one[3] ?? '') === '' ? $one[1] : $one[3];
            $used[$key] = ($one[3] ?? '') === '' && ($one[2] ?? '') === '' && preg_match('/[.-]$/', $key) === 0;
        }
        preg_match_all("/__\\('({$files})'\\)/", $code, $whole);

        return [...$used, ...array_fill_keys($whole[1], true)];
    }

    /** Whether it names a view, a route, a column or a rule of validation instead, which look alike. */
    public static function isOther(string $key): bool
    {
        static $routes = null;
        if ($routes === null) {
            preg_match_all(
                "/->name\\('([^']+)'\\)/",
                implode(
                    '',
                    array_map(
                        file_get_contents(...),
                        glob(Sources::root().'/routes/{web,web/*}.php', GLOB_BRACE) ?: [],
                    ),
                ),
                $found,
            );
            $routes = $found[1];
        }

        return in_array($key, $routes, true)
            || preg_match(
                '/\.(index|show|create|store|edit|update|destroy|required|uploaded|max|extensions|lifetime|\w*id)$/',
                $key,
            ) === 1
            || glob(Sources::root().'/resources/views/'.str_replace('.', '/', $key).'.*') !== [];
    }

    /** @param array<string, bool> $known */
    public static function begins(array $known, string $beginning): bool
    {
        foreach (array_keys($known) as $key) {
            if (str_starts_with($key, $beginning)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, bool> $used */
    public static function isSaid(string $key, array $used): bool
    {
        // The validator says these itself.
        if (str_starts_with($key, 'validation.')) {
            return true;
        }
        foreach ($used as $said => $isWhole) {
            if ($key === $said || str_starts_with($key, $isWhole ? $said.'.' : $said)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> texts in a template that are not said by it */
    public static function inBlade(string $template): array
    {
        $template = (string) preg_replace(
            [
                '/\{\{--.*?--\}\}/s',
                '/\{!!.*?!!\}/s',
                '/\{\{.*?\}\}/s',
                '/@(?:php|if|elseif|unless|foreach|forelse|for|include\w*|elsecan|canany|cannot|can|class|selected|checked|disabled|method|props|error|json|vite|empty|continue|switch|case)\s*(\((?:[^()]++|(?1))*\))/s',
                '/@\w+/',
            ],
            ' ',
            $template,
        );
        preg_match_all('/\s(?:'.self::READ.')="([^"]*[A-Za-z]{2,}[^"]*)"/', $template, $attributes);
        // Attributes that are expressions begin with a colon; tags go with all they have.
        $text = (string) preg_replace(
            ['/<(script|style|code|kbd)\b.*?<\/\1>/s', '/<(?:[^<>"\']|"[^"]*"|\'[^\']*\')*>/s', '/&[a-z]+;/'],
            "\n",
            $template,
        );
        $lines = array_filter(
            array_map(trim(...), explode("\n", $text)),
            static fn (string $line): bool => preg_match('/\p{L}{2,}/u', $line) === 1,
        );

        return [...array_values($lines), ...$attributes[1]];
    }

    /** @return list<string> texts in a piece of PHP, but for those of mistakes in the program, which are thrown */
    public static function inPhp(string $code): array
    {
        $finder = new NodeFinder();
        $all = (new ParserFactory())->createForHostVersion()->parse($code) ?? [];
        $isString = static fn (Node $node): bool => $node instanceof Node\Scalar\String_
            || $node instanceof Node\InterpolatedStringPart;
        $thrown = $finder->find(
            $all,
            static fn (Node $node): bool => $node instanceof Node\Expr\Throw_
                || ($node instanceof Node\Stmt\Class_ && str_ends_with((string) $node->extends, 'Exception')),
        );
        $unsaid = array_merge(
            ...array_map(static fn (Node $node): array => $finder->find([$node], $isString), $thrown),
        );
        $strings = array_filter(
            $finder->find($all, $isString),
            static fn (Node $node): bool => ! in_array($node, $unsaid, true),
        );
        $texts = array_map(
            static fn (Node $node): string => $node instanceof Node\Scalar\String_
            || $node instanceof Node\InterpolatedStringPart
                ? $node->value
                : '',
            $strings,
        );

        return array_values(array_filter($texts, self::isText(...)));
    }

    public static function isData(string $path): bool
    {
        return array_filter(self::DATA, static fn (string $data): bool => str_starts_with($path, $data)) !== [];
    }

    /** The text of a key; empty where it holds several or none. */
    public static function text(string $key): string
    {
        $parts = explode('.', $key);
        $file = Sources::root().'/lang/en/'.array_shift($parts).'.php';
        $text = is_file($file) ? require $file : null;
        foreach ($parts as $part) {
            $text = is_array($text) ? $text[$part] ?? null : null;
        }

        return is_string($text) ? $text : '';
    }

    /** Words one after the other, or one that begins or ends a sentence. */
    private static function isText(string $text): bool
    {
        return preg_match(
            '/\p{L}{2,}[,;:]? \p{L}{1,}[,;:]? \p{L}{2,}|^\p{Lu}\p{Ll}+ \p{Ll}|\s.*\p{Ll}{2,}[.!?]$| \p{Ll}+ \p{Ll}+/u',
            $text,
        ) === 1 && preg_match(self::UNSAID, $text) === 0;
    }

    /**
     * @param array<array-key, mixed> $texts
     * @param array<string, bool>     $keys
     */
    private static function walk(array $texts, string $beginning, array &$keys): void
    {
        foreach ($texts as $name => $text) {
            $keys["{$beginning}.{$name}"] = ! is_array($text);
            if (is_array($text)) {
                self::walk($text, "{$beginning}.{$name}", $keys);
            }
        }
    }
}
