<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Random\Randomizer;

/** Values that nobody types and somebody sends. Seeded, so that what breaks something breaks it again. */
final readonly class NastyValues
{
    public function __construct(public Randomizer $random) {}

    public function any(): mixed
    {
        return match ($this->random->getInt(0, 9)) {
            0 => $this->one([
                [],
                ['x'],
                ['a' => ['b' => ['c' => 'd']]],
                [[[[]]]],
                array_fill(0, 300, '1'),
                ['' => ''],
                [1 => 'x', 0 => 'y'],
                [null],
            ]),
            1, 2, 3 => $this->number(),
            default => $this->text(),
        };
    }

    public function text(): string
    {
        return (string) $this->one([
            '',
            ' ',
            "\t",
            "a\r\nb",
            "a\0b",
            '%00',
            "\xff\xfe",
            "\xED\xA0\x80",
            '\ud800',
            str_repeat('a', 201),
            str_repeat('a', 5001),
            str_repeat('x', 70_000),
            str_repeat('ﷺ', 20),
            str_repeat('ﷺ', 300),
            'e'.str_repeat("\u{301}", 200),
            "\u{202E}abc",
            "\u{FEFF}x",
            '𝒳𝒴',
            '<script>alert(1)</script>',
            "' or 1=1 --",
            '"',
            '“”',
            '${7*7}',
            '{{ 7*7 }}',
            '@{{x}}',
            '../../etc/passwd',
            '/etc/passwd',
            'None',
            'none',
            'null',
            'true',
            '~',
            '!!binary aGk=',
            '&a [*a]',
            '[]',
            '{}',
            '{"a":1}',
            '=1+1',
            '＝1+1',
            '0B7E1F60-0000-4000-8000-000000000001',
            '0b7e1f60-0000-4000-8000-000000000001',
            '00000000-0000-0000-0000-000000000000',
            'right palm chin',
            "left foot step 9\n  if not: go to \"Gate\" beat 1\n",
            'go to "x" beat 99999999999999999999',
            str_repeat("RH palm chin\n", 4000),
            str_repeat('  if far: ', 200),
            'left foot step 99:99',
            'left foot step 1e309 m',
            'left foot 0.0000000001 m step 9',
            "leave 6 # \u{0}",
            'family:',
            'list:99999999999999999999',
            'rank:1',
            'holes',
            'most',
            'UTC',
            'Mars/Olympus',
            'x;y;z',
            'a,b',
            'a: b',
        ]);
    }

    public function number(): string
    {
        return (string) $this->one([
            '0', '-1', '1', '1.5', '99', '100', '32768', '2147483647', '2147483648', '9223372036854775807',
            '9223372036854775808', '99999999999999999999999', '1e-400', '1e400', '-0', '1e3', '0x1A', '1_000', '١٢',
            'NaN', 'INF', '-INF', '.5', '5.', '+7', ' 7 ', '0.1e1', '2026-02-30', '02.11.2026', '2026-11-02',
            '2026-11-02T19:10', '2026-11-02T19:10:00+99:00', '0000-00-00', '9999-12-31', '294277-01-01', '-4713-01-01',
            'infinity', '-infinity', 'now', 'tomorrow', '@0', '1970-01-01T00:00:00Z',
        ]);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    public function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }
}
