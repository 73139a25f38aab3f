<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Translation\FileLoader;
use Illuminate\Translation\Translator;
use StoneDrill\Core\Curriculum\Nouns;
use StoneDrill\Core\Text;

/** Says what the core tells, in the words of lang/. A key that has no words is shown as it is. */
final readonly class Texts
{
    public function __construct(private Translator $translator) {}

    /** English, without an application around it: for the command line and for tests of the core. */
    public static function english(): self
    {
        return new self(
            new OwnWords(
                new FileLoader(new Filesystem(), dirname(__DIR__, 2).'/lang'),
                'en',
                static fn (): array => [],
            ),
        );
    }

    /** Speaks for a school from now on. */
    public function speakFor(Nouns $nouns): void
    {
        if ($this->translator instanceof OwnWords) {
            $this->translator->speakFor($nouns);
        }
    }

    public function say(Text|string|int|float|null $text): string
    {
        if (! ($text instanceof Text)) {
            return (string) $text;
        }
        if ($text->key === '') {
            return $this->value($text->values['words']);
        }
        $values = array_map($this->value(...), $text->values);

        return $text->count === null
            ? (string) $this->translator->get($text->key, $values)
            : $this->translator->choice($text->key, $text->count, $values);
    }

    /**
     * A document for a program: every text in it said, however deep.
     *
     * @param array<array-key, mixed> $document
     *
     * @return array<array-key, mixed>
     */
    public function sayAll(array $document): array
    {
        return array_map(
            fn (mixed $value): mixed => match (true) {
                is_array($value) => $this->sayAll($value),
                $value instanceof Text => $this->say($value),
                default => $value,
            },
            $document,
        );
    }

    /** @param int|float|string|Text|list<string|Text> $value */
    private function value(int|float|string|Text|array $value): string
    {
        return is_array($value) ? implode(', ', array_map($this->say(...), $value)) : $this->say($value);
    }
}
