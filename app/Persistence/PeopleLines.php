<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Rank;
use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/**
 * People as lines of a spreadsheet: pasted, or as CSV. Says of each line whether it is somebody new, known, or what is
 * wrong with it.
 */
final readonly class PeopleLines
{
    public const MAX = 2_000;

    /** What a column can hold. */
    public const FIELDS = ['name', 'rank', 'height', 'born'];

    /** Metres beyond which a stature is taken for centimetres. */
    private const CENTIMETRES = 3.0;

    /** @var list<string> */
    public array $heads;

    /** @var array<string, int|null> column by field, from 0; null for none */
    public array $columns;

    /**
     * @var list<array{line: int, name: string, rank: string, height: ?float, born: ?string, what: string, isNew: bool}>
     */
    public array $lines;

    public bool $isTooLong;

    /**
     * @param array<string, int|null> $columns    column by field; guessed by the heads where it says nothing
     * @param bool                    $isDayFirst whether 3/4/2015 is in April
     */
    public function __construct(School $school, string $text, array $columns = [], bool $isDayFirst = true)
    {
        $rows = self::rows(Csv::plain($text));
        $heads = array_shift($rows) ?? [];
        $this->heads = array_map(trim(...), $heads);
        $this->columns
            = $columns === [] ? self::guess($this->heads) : [...array_fill_keys(self::FIELDS, null), ...$columns];
        $this->isTooLong = count($rows) > self::MAX;
        $ranks = $school->ranks
            ->mapWithKeys(
                static fn (Rank $rank): array => [Str::lower($rank->name) => $rank->name, $rank->code => $rank->name],
            )
            ->all();
        $known = $school
            ->students()
            ->pluck('name')
            ->mapWithKeys(static fn (string $name): array => [Str::lower($name) => true])
            ->all();
        $lines = [];
        foreach (array_slice($rows, 0, self::MAX, true) as $number => $row) {
            if (trim(implode('', $row)) === '') {
                continue;
            }
            $line = $this->line($number + 2, $row, $ranks, $known, $isDayFirst);
            $known[Str::lower($line['name'])] = true;
            $lines[] = $line;
        }
        $this->lines = $lines;
    }

    public function countNew(): int
    {
        return count(array_filter($this->lines, static fn (array $line): bool => $line['isNew']));
    }

    public function countRefused(): int
    {
        return count(
            array_filter(
                $this->lines,
                static fn (array $line): bool => ! $line['isNew'] && $line['what'] !== __('students.file.known'),
            ),
        );
    }

    /**
     * @param list<string>          $row
     * @param array<string, string> $ranks name by name in lower case, and by code
     * @param array<string, bool>   $known names in lower case
     *
     * @return array{line: int, name: string, rank: string, height: ?float, born: ?string, what: string, isNew: bool}
     */
    private function line(int $number, array $row, array $ranks, array $known, bool $isDayFirst): array
    {
        $field = fn (string $name): string => $this->columns[$name] === null
            ? ''
            : Csv::plain($row[$this->columns[$name]] ?? '');
        [$name, $rank, $height, $born] = [
            $field('name'),
            $field('rank'),
            self::height($field('height')),
            self::day($field('born'), $isDayFirst),
        ];
        $what = match (true) {
            $name === '' => __('students.file.no-name'),
            mb_strlen($name) > 200 => __('students.file.long-name'),
            preg_match('/\p{Cc}/u', $name) === 1 => __('students.file.no-name'),
            isset($known[Str::lower($name)]) => __('students.file.known'),
            ! isset($ranks[Str::lower($rank)]) => __('students.file.no-rank', [
                'rank' => $rank,
                'ranks' => implode(', ', array_unique($ranks)),
            ]),
            $height === null && $field('height') !== '' => __('students.file.no-height', [
                'height' => $field('height'),
            ]),
            $born === null && $field('born') !== '' => __('students.file.no-day', ['day' => $field('born')]),
            default => '',
        };

        return [
            'line' => $number,
            'name' => $name,
            'rank' => $ranks[Str::lower($rank)] ?? $rank,
            'height' => $height,
            'born' => $born,
            'what' => $what,
            'isNew' => $what === '',
        ];
    }

    /** A stature in metres or centimetres, with a point or a comma. */
    private static function height(string $text): ?float
    {
        $number = str_replace(',', '.', trim((string) preg_replace('/\s*(?:cm|m)$/i', '', $text)));
        if (! is_numeric($number)) {
            return null;
        }
        $metres = (float) $number > self::CENTIMETRES ? (float) $number / 100 : (float) $number;

        return $metres >= 0.8 && $metres <= 2.4 ? round($metres, 3) : null;
    }

    /** A day as 2015-04-03, 3.4.2015 or 3/4/2015; the last either way round. */
    private static function day(string $text, bool $isDayFirst): ?string
    {
        $parts = match (true) {
            preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})$/', $text, $found) === 1 => [$found[1], $found[2], $found[3]],
            preg_match('/^(\d{1,2})\.(\d{1,2})\.(\d{4})$/', $text, $found) === 1 => [$found[3], $found[2], $found[1]],
            preg_match('/^(\d{1,2})\/(\d{1,2})\/(\d{4})$/', $text, $found) === 1 => $isDayFirst
                ? [$found[3], $found[2], $found[1]]
                : [$found[3], $found[1], $found[2]],
            default => null,
        };
        if ($parts === null || ! checkdate((int) $parts[1], (int) $parts[2], (int) $parts[0])) {
            return null;
        }
        $day = CarbonImmutable::createStrict((int) $parts[0], (int) $parts[1], (int) $parts[2]);

        return $day->year > 1900 && $day->isPast() ? $day->format('Y-m-d') : null;
    }

    /**
     * @param list<string> $heads
     *
     * @return array<string, int|null>
     */
    private static function guess(array $heads): array
    {
        $columns = [];
        foreach (self::FIELDS as $field) {
            $words = texts("students.file.heads.{$field}");
            $columns[$field] = null;
            foreach ($heads as $column => $head) {
                if (
                    $columns[$field] === null
                    && in_array(Str::lower(trim((string) preg_replace('/\(.*\)/', '', $head))), $words, true)
                ) {
                    $columns[$field] = $column;
                }
            }
        }

        return $columns;
    }

    /** @return list<list<string>> cells by line, parted by whatever parts the first line most often */
    private static function rows(string $text): array
    {
        $first = (string) strtok($text, "\r\n");
        $counts = [
            "\t" => substr_count($first, "\t"),
            ';' => substr_count($first, ';'),
            ',' => substr_count($first, ','),
        ];
        arsort($counts);
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (
            count($rows) <= self::MAX + 1
            && ($row = fgetcsv($stream, separator: (string) array_key_first($counts), escape: '')) !== false
        ) {
            $rows[] = array_map(strval(...), $row);
        }

        return $rows;
    }
}
