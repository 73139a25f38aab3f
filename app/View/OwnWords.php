<?php

declare(strict_types=1);

namespace App\View;

use Closure;
use Illuminate\Contracts\Translation\Loader;
use Illuminate\Translation\Translator;
use StoneDrill\Core\Curriculum\Nouns;

/**
 * Says texts in the words of a school. A text names an attack, an answer, a rank or a rung in braces, as it would stand
 * there: `{attack}`, `{Attacks}`, `{an attack}`.
 */
final class OwnWords extends Translator
{
    /** @var array<string, string>|null what stands for each name in braces */
    private ?array $names = null;

    /** @var array<string, array{one: string, many: string}> of the school for which the names were made */
    private array $of = [];

    /** @var Closure(): array<string, array{one: string, many: string}> */
    private Closure $school;

    /**
     * @param Closure(): array<string, array{one: string, many: string}> $school what the school of the moment calls
     *     things
     */
    public function __construct(Loader $loader, string $locale, Closure $school)
    {
        parent::__construct($loader, $locale);
        $this->school = $school;
    }

    /** Speaks for one school from now on. */
    public function speakFor(Nouns $nouns): void
    {
        $this->school = static fn (): array => $nouns->words;
    }

    /**
     * @param string               $line
     * @param array<string, mixed> $replace
     */
    protected function makeReplacements($line, array $replace): string
    {
        // What somebody typed is put in afterwards, and never taken for a name in braces.
        $line = str_contains($line, '{') ? strtr($line, $this->names()) : $line;
        if ($replace === []) {
            return $line;
        }
        $said = [];
        foreach ($replace as $name => $value) {
            if (is_object($value)) {
                return parent::makeReplacements($line, $replace);
            }
            $said[":{$name}"] = $value;
        }

        // The framework makes two further forms of each value, with capitals, for which nearly no line asks.
        return preg_match('/:\p{Lu}/u', $line) === 1 ? parent::makeReplacements($line, $replace) : strtr($line, $said);
    }

    /** @return array<string, string> */
    private function names(): array
    {
        $own = ($this->school)();
        if ($this->names === null || $own !== $this->of) {
            [$this->of, $this->names] = [$own, []];
            $usual = $this->get('words.usual');
            foreach ([...is_array($usual) ? $usual : [], ...$own] as $noun => $forms) {
                $this->names = [...$this->names, ...self::forms((string) $noun, $forms)];
            }
        }

        return $this->names;
    }

    /**
     * @param array{one: string, many: string} $forms
     *
     * @return array<string, string>
     */
    private static function forms(string $noun, array $forms): array
    {
        $names = [];
        foreach (
            [
                $noun => $forms['one'],
                "{$noun}s" => $forms['many'],
                self::withArticle($noun) => self::withArticle($forms['one']),
            ] as $name => $said
        ) {
            $names['{'.$name.'}'] = $said;
            $names['{'.ucfirst($name).'}'] = mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1);
        }

        return $names;
    }

    private static function withArticle(string $word): string
    {
        return (preg_match('/^[aeiou]/i', $word) === 1 ? 'an ' : 'a ').$word;
    }
}
