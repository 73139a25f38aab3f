<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Actions\RecordReps;
use App\Actions\RepsRefused;
use App\Models\Rep;
use App\Models\School;
use App\Models\User;
use App\Persistence\Progress;
use App\Persistence\RepLines;
use Closure;
use Illuminate\Support\Str;

/**
 * Reps as comma-separated values (RFC 4180), a rep a line: written, read with a word to each line, and taken in whole
 * or not at all.
 */
final readonly class RepCsv
{
    public const COLUMNS = [
        'id', 'student', 'attack', 'side', 'rung', 'outcome', 'at', 'answer', 'mistakes', 'touched', 'seconds',
        'stressor', 'source', 'replaces', 'reason', 'attacker', 'class', 'attacked_by',
    ];

    /** Columns of older files, with what they are called now. */
    private const RENAMED = ['faults' => 'mistakes'];

    /** How the head of a column begins that is not read. */
    private const LEFT_OUT = '-';

    /** Refused lines that are shown with what is wrong. */
    private const SHOWN = 100;

    /**
     * @param list<array<string, mixed>>            $new   values of reps that are not there yet, by line
     * @param list<array{line: int, what: string}>  $refused what cannot be read, and where
     * @param int                                   $known how many are there already
     */
    private function __construct(public array $new, public array $refused, public int $known) {}

    /** @param Closure(list<string>): mixed $write takes one line after the other */
    public static function write(School $school, Closure $write): void
    {
        $write(self::COLUMNS);
        $school
            ->reps()
            ->with(['student', 'attack', 'answer', 'attacker', 'class'])
            ->orderBy('at')
            ->orderBy('id')
            ->chunk(2000, static function ($reps) use ($write): void {
                foreach ($reps as $rep) {
                    assert($rep instanceof Rep);
                    $write(self::line($rep));
                }
            });
    }

    /**
     * The same lines with other heads: those of the columns that were chosen, and a dash where a column is left out.
     *
     * @param array<string, int|null> $columns column by field, from 0
     */
    public static function withHeads(string $text, array $columns): string
    {
        [$stream, $heads] = self::open($text);
        $fields = array_flip(array_filter($columns, static fn (?int $column): bool => $column !== null));
        $line = fopen('php://memory', 'w+b');
        assert($line !== false);
        fputcsv(
            $line,
            array_map(
                static fn (int $column): string => (string) ($fields[$column] ?? self::LEFT_OUT.$column),
                array_keys($heads),
            ),
            escape: '',
        );
        rewind($line);

        return stream_get_contents($line).stream_get_contents($stream);
    }

    /** @return list<string> */
    public static function headsOf(string $text): array
    {
        return array_map(static fn (?string $head): string => trim((string) $head), self::open($text)[1]);
    }

    /**
     * What the columns seem to hold, by their heads.
     *
     * @return array<string, int|null> column by field, from 0
     */
    public static function guess(string $text): array
    {
        $heads = array_map(Str::lower(...), self::headsOf($text));
        $guessed = [];
        foreach (self::COLUMNS as $field) {
            $found = array_keys(
                array_intersect($heads, [
                    $field,
                    ...array_keys(self::RENAMED, $field, true),
                    ...texts("reps.file.heads.{$field}"),
                ]),
            );
            $guessed[$field] = $found[0] ?? null;
        }

        return $guessed;
    }

    /** @return array{resource, list<string|null>} what comes after the heads, and the heads */
    private static function open(string $text): array
    {
        $stream = fopen('php://memory', 'w+b');
        assert($stream !== false);
        fwrite($stream, preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? $text);
        rewind($stream);

        return [$stream, fgetcsv($stream, escape: '') ?: []];
    }

    public static function read(string $text, School $school): self
    {
        [$stream, $heads] = self::open($text);
        $heads = array_map(
            static fn (?string $head): string => self::RENAMED[trim((string) $head)] ?? trim((string) $head),
            $heads,
        );
        $refused = self::heads($heads);
        if ($refused !== []) {
            return new self([], $refused, 0);
        }
        $reader = new RepLines($school);
        for (
            $line = 2;
            ($fields = fgetcsv($stream, escape: '')) !== false;
            $line += 1 + substr_count(implode('', $fields), "\n")
        ) {
            if ($fields === [null]) {
                continue;
            }
            if (! $reader->hasRoom()) {
                $reader->refuse($line, __('reps.file.too-many', ['max' => RepLines::MAX]));
                break;
            }
            if (count($fields) === count($heads)) {
                $reader->read(
                    $line,
                    array_filter(array_combine($heads, $fields), self::isRead(...), ARRAY_FILTER_USE_KEY),
                );
            } else {
                $reader->refuse(
                    $line,
                    __('reps.file.field-count', ['found' => count($fields), 'expected' => count($heads)]),
                );
            }
        }

        return new self(...$reader->finish());
    }

    /**
     * Stores what is new, all of it or nothing.
     *
     * @param ?Closure(int): void $tell is told the percent that are in
     *
     * @throws RepsRefused when something came in meanwhile that stands in the way
     */
    public function store(School $school, User $by, ?Closure $tell = null): int
    {
        (new RecordReps($school, $by))->recordAll(
            $this->new,
            $tell === null ? null : new Progress(count($this->new), $tell),
        );

        return count($this->new);
    }

    /** @return list<array{line: int, what: string}> */
    public function firstRefused(): array
    {
        return array_slice($this->refused, 0, self::SHOWN);
    }

    /** @return list<int> lines of those that are not shown */
    public function moreRefused(): array
    {
        return array_column(array_slice($this->refused, self::SHOWN), 'line');
    }

    /**
     * @param list<string> $heads
     *
     * @return list<array{line: int, what: string}>
     */
    private static function heads(array $heads): array
    {
        $unknown = array_diff(array_filter($heads, self::isRead(...)), self::COLUMNS);
        $missing = array_diff(['id', 'student', 'attack', 'side', 'rung', 'outcome', 'at'], $heads);

        return match (true) {
            $unknown !== [] => [
                [
                    'line' => 1,
                    'what' => __('reps.file.unknown-column', [
                        'column' => Str::limit((string) reset($unknown), 60),
                        'columns' => implode(', ', self::COLUMNS),
                    ]),
                ],
            ],
            $missing !== [] => [
                ['line' => 1, 'what' => __('reps.file.missing-columns', ['columns' => implode(', ', $missing)])],
            ],
            count(array_unique($heads)) !== count($heads) => [['line' => 1, 'what' => __('reps.file.column-twice')]],
            default => [],
        };
    }

    private static function isRead(int|string $head): bool
    {
        return ! str_starts_with((string) $head, self::LEFT_OUT);
    }

    /** @return list<string> */
    private static function line(Rep $rep): array
    {
        return array_map(strval(...), [
            $rep->id,
            $rep->student->code,
            $rep->attack->code,
            $rep->side->value,
            $rep->rung,
            $rep->outcome->value,
            $rep->at->toIso8601String(),
            $rep->answer->code ?? '',
            implode('; ', $rep->mistakes),
            $rep->touched->value ?? '',
            $rep->seconds ?? '',
            $rep->stressor ?? '',
            $rep->source->value,
            $rep->replaces ?? '',
            $rep->reason ?? '',
            $rep->attacker->code ?? '',
            $rep->class->code ?? '',
            $rep->attacked_by->value ?? '',
        ]);
    }
}
