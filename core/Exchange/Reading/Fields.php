<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use BackedEnum;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Exception;
use StoneDrill\Core\Exchange\Problem;
use StoneDrill\Core\Technique\Notation\Nearest;
use StoneDrill\Core\Text;

/**
 * The keys of one map of a file, each read as what it should be.
 *
 * A value that is wrong is reported and something of the right type is returned, so that one pass finds everything;
 * whoever reads asks {@see isSound()} before using what was read.
 */
final readonly class Fields
{
    private int $before;

    /** @var array<array-key, mixed> */
    private array $values;

    /**
     * @param array<array-key, mixed> $values
     * @param list<string>            $known   keys that may stand here
     * @param array<string, string>   $renamed what keys of older files are called now
     */
    public function __construct(
        array $values,
        public string $pointer,
        private Problems $problems,
        array $known,
        array $renamed = [],
    ) {
        foreach ($renamed as $old => $now) {
            if (array_key_exists($old, $values) && ! array_key_exists($now, $values)) {
                $values[$now] = $values[$old];
                unset($values[$old]);
                $problems->notice($old, $now);
            }
        }
        $this->values = $values;
        $this->before = $problems->count();
        foreach (array_diff(array_keys($values), $known) as $key) {
            $this->report(
                strtr((string) $key, ['~' => '~0', '/' => '~1']),
                Text::of('file.unknown-key', ['key' => (string) $key]),
                Text::of('file.one-of', ['words' => $known]),
                Nearest::to((string) $key, $known),
            );
        }
    }

    /** Whether nothing was wrong in this map so far. */
    public function isSound(): bool
    {
        return $this->problems->count() === $this->before;
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->values) && $this->values[$key] !== null;
    }

    /** A text that must be there. */
    public function text(string $key, int $longest = 200): string
    {
        if (! $this->required($key, Text::of('file.text'))) {
            return '';
        }
        $text = $this->textOr($key, '', $longest);
        if ($this->values[$key] === $text && trim($text) === '') {
            $this->refuse($key, Text::of('file.filled-text'));
        }

        return $text;
    }

    public function textOr(string $key, string $default, int $longest = 5000): string
    {
        if (! $this->has($key)) {
            return $default;
        }
        $value = is_int($this->values[$key]) ? (string) $this->values[$key] : $this->values[$key];
        if (! is_string($value)) {
            $this->refuse($key, Text::of('file.text'));

            return $default;
        }
        if (mb_strlen($value) > $longest) {
            $this->report(
                $key,
                Text::of('file.letters', ['count' => mb_strlen($value)]),
                Text::of('file.at-most', ['max' => $longest]),
            );
        }

        return $value;
    }

    /** An id: a text without spaces at its ends, short enough to point with. */
    public function id(string $key = 'id'): string
    {
        $id = $this->text($key, 120);
        if ($id !== trim($id) || preg_match('/[\x00-\x1f]/', $id) === 1) {
            $this->refuse($key, Text::of('file.id'));
        }

        return $id;
    }

    /** The id as it stands there, whether it is one or not. */
    public function idOr(): ?string
    {
        $id = $this->values['id'] ?? null;

        return is_string($id) || is_int($id) ? (string) $id : null;
    }

    /**
     * The id of something that the file has elsewhere.
     *
     * @param array<array-key, mixed> $known by id
     */
    public function reference(string $key, array $known, Text $what): string
    {
        $id = $this->text($key, 120);
        if ($id !== '' && ! array_key_exists($id, $known)) {
            $this->report(
                $key,
                Text::of('file.word', ['word' => $id]),
                $what,
                Nearest::to($id, array_map('strval', array_keys($known))),
            );
        }

        return $id;
    }

    public function whole(string $key, int $min, int $max): int
    {
        return $this->required($key, Text::of('file.whole')) ? $this->wholeOr($key, $min, $min, $max) : $min;
    }

    public function wholeOr(string $key, int $default, int $min, int $max): int
    {
        if (! $this->has($key)) {
            return $default;
        }
        // To JSON, 2.0 is a whole number too.
        $value = is_float($this->values[$key])
        && floor($this->values[$key]) === $this->values[$key]
        && abs($this->values[$key]) < 1e15
            ? (int) $this->values[$key]
            : $this->values[$key];
        if (! is_int($value) || $value < $min || $value > $max) {
            $this->refuse($key, Text::of('file.whole-between', ['min' => $min, 'max' => $max]));

            return $default;
        }

        return $value;
    }

    /** @return ($default is null ? ?float : float) */
    public function numberOr(string $key, ?float $default, float $min, float $max): ?float
    {
        if (! $this->has($key)) {
            return $default;
        }
        $value = $this->values[$key];
        if ((! is_int($value) && ! is_float($value)) || $value < $min || $value > $max) {
            $this->refuse($key, Text::of('file.number-between', ['min' => $min, 'max' => $max]));

            return $default;
        }

        return (float) $value;
    }

    public function truth(string $key, ?bool $default = null): bool
    {
        if (! $this->has($key)) {
            if ($default === null) {
                $this->required($key, Text::of('file.truth'));
            }

            return (bool) $default;
        }
        if (! is_bool($this->values[$key])) {
            $this->refuse($key, Text::of('file.truth'));
        }

        return $this->values[$key] === true;
    }

    /**
     * One word of a vocabulary, which must be there unless there is a default.
     *
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     * @param T|null          $default
     *
     * @return T
     */
    public function word(string $key, string $enum, ?BackedEnum $default = null): BackedEnum
    {
        $words = array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases());
        if ($default !== null && ! $this->has($key)) {
            return $default;
        }

        return $enum::tryFrom($this->choice($key, $words)) ?? ($default ?? $enum::cases()[0]);
    }

    /**
     * One of some words, which must be there.
     *
     * @param list<string> $words
     */
    public function choice(string $key, array $words): string
    {
        if (! $this->required($key, Text::of('file.one-of', ['words' => $words]))) {
            return '';
        }
        $value = $this->values[$key];
        $value = is_int($value) ? (string) $value : $value;
        if (! is_string($value) || ! in_array($value, $words, true)) {
            $this->report(
                $key,
                self::describe($value),
                Text::of('file.one-of', ['words' => $words]),
                is_string($value) ? Nearest::to($value, $words) : null,
            );

            return '';
        }

        return $value;
    }

    /**
     * A list of words of a vocabulary, none of them twice.
     *
     * @param list<string> $words
     *
     * @return list<string>
     */
    public function choices(string $key, array $words): array
    {
        $chosen = [];
        foreach ($this->listOr($key) as $index => $value) {
            $value = is_int($value) ? (string) $value : $value;
            if (! is_string($value) || ! in_array($value, $words, true)) {
                $this->report(
                    $key.'/'.$index,
                    self::describe($value),
                    Text::of('file.one-of', ['words' => $words]),
                    is_string($value) ? Nearest::to($value, $words) : null,
                );
            } elseif (in_array($value, $chosen, true)) {
                $this->report($key.'/'.$index, Text::of('file.again', ['word' => $value]), Text::of('file.once'));
            } else {
                $chosen[] = $value;
            }
        }

        return $chosen;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $texts = [];
        foreach ($this->listOr($key) as $index => $value) {
            if (! is_string($value) || trim($value) === '') {
                $this->report($key.'/'.$index, self::describe($value), Text::of('file.text'));
            } else {
                $texts[] = $value;
            }
        }

        return $texts;
    }

    public function dayOr(string $key): ?DateTimeImmutable
    {
        if (! $this->has($key)) {
            return null;
        }
        $value = $this->values[$key];
        $text = $value instanceof DateTimeInterface ? $value->format('Y-m-d') : $value;
        $day = is_string($text) ? DateTimeImmutable::createFromFormat('!Y-m-d', $text, new DateTimeZone('UTC')) : false;
        if ($day === false || $day->format('Y-m-d') !== $text) {
            $this->refuse($key, Text::of('file.day'));

            return null;
        }

        return $day;
    }

    /** A moment that must be there, with its offset from UTC. */
    public function moment(string $key): DateTimeImmutable
    {
        $value = $this->required($key, Text::of('file.moment')) ? $this->values[$key] : 'now';
        if ($value instanceof DateTimeInterface) {
            return DateTimeImmutable::createFromInterface($value);
        }
        try {
            if (
                is_string($value)
                && preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/D', $value) === 1
            ) {
                return new DateTimeImmutable($value);
            }
        } catch (Exception) {
            // The shape is right and the moment is not, such as a thirteenth month: refused below.
        }
        if ($value !== 'now') {
            $this->refuse($key, Text::of('file.moment-such-as'));
        }

        return new DateTimeImmutable('@0');
    }

    public function uuid(string $key): string
    {
        $value = $this->text($key, 60);
        if ($value !== '' && preg_match('/^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/Di', $value) !== 1) {
            $this->refuse($key, Text::of('file.uuid'));
        }

        return strtolower($value);
    }

    /**
     * Another map within this one; empty where there is none.
     *
     * @param list<string> $known
     */
    public function map(string $key, array $known): self
    {
        $value = $this->values[$key] ?? [];
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->refuse($key, Text::of('file.map'));
            $value = [];
        }

        return new self($value, $this->at($key), $this->problems, $known);
    }

    /**
     * The keys and values of a map whose keys are free.
     *
     * @return array<array-key, mixed>
     */
    public function entries(string $key): array
    {
        $value = $this->values[$key] ?? [];
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->refuse($key, Text::of('file.map'));

            return [];
        }

        return $value;
    }

    /**
     * The maps in a list, one by one.
     *
     * @param list<string>          $known
     * @param array<string, string> $renamed what keys of older files are called now
     *
     * @return iterable<int, self>
     */
    public function maps(string $key, array $known, array $renamed = []): iterable
    {
        foreach ($this->listOr($key) as $index => $value) {
            if (! is_array($value) || ($value !== [] && array_is_list($value))) {
                $this->report($key.'/'.$index, self::describe($value), Text::of('file.map'));
            } else {
                yield $index => new self($value, $this->at($key).'/'.$index, $this->problems, $known, $renamed);
            }
        }
    }

    /**
     * What a list holds of which each is words alone or a map.
     *
     * @param list<string> $known keys of such a map
     *
     * @return iterable<int, string|self>
     */
    public function either(string $key, array $known): iterable
    {
        foreach ($this->listOr($key) as $index => $value) {
            if (is_string($value) && trim($value) !== '') {
                yield $index => $value;
            } elseif (is_array($value) && $value !== [] && ! array_is_list($value)) {
                yield $index => new self($value, $this->at($key).'/'.$index, $this->problems, $known);
            } else {
                $this->report(
                    $key.'/'.$index,
                    self::describe($value),
                    Text::of('file.text-or-map', ['words' => $known]),
                );
            }
        }
    }

    /**
     * A list, empty where there is none.
     *
     * @return list<mixed>
     */
    public function listOr(string $key): array
    {
        $value = $this->values[$key] ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            $this->refuse($key, Text::of('file.list'));

            return [];
        }

        return $value;
    }

    public function raw(string $key): mixed
    {
        return $this->values[$key] ?? null;
    }

    public function refuse(string $key, Text $expected): void
    {
        $this->report($key, self::describe($this->values[$key] ?? null), $expected);
    }

    public function report(
        string $key,
        Text $found,
        Text $expected,
        ?string $nearest = null,
        ?int $line = null,
        ?int $column = null,
    ): void {
        $this->problems->add(new Problem($this->at($key), $found, $expected, $nearest, $line, $column));
    }

    /** How an error speaks of a value. */
    public static function describe(mixed $value): Text
    {
        return match (true) {
            $value === null => Text::of('file.nothing'),
            is_string($value) => Text::of('file.word', ['word' => mb_strimwidth($value, 0, 60, '…')]),
            is_bool($value) => Text::plain($value ? 'true' : 'false'),
            is_int($value), is_float($value) => Text::plain((string) $value),
            is_array($value) => array_is_list($value) && $value !== [] ? Text::of('file.list') : Text::of('file.map'),
            $value instanceof DateTimeInterface => Text::plain($value->format('Y-m-d\TH:i:sP')),
            default => Text::of('file.other-type'),
        };
    }

    private function required(string $key, Text $expected): bool
    {
        if (! $this->has($key)) {
            $this->report($key, Text::of('file.nothing'), $expected);
        }

        return $this->has($key);
    }

    private function at(string $key): string
    {
        return $this->pointer.'/'.$key;
    }
}
