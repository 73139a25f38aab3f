<?php

declare(strict_types=1);

namespace App\Mat;

use App\Catalogue\Csv;
use App\Http\Requests\RepRequest;
use App\Models\Rep;
use App\Models\School;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

/** Reps as comma-separated values (RFC 4180), a rep a line: written, read with a word to each line, and taken in whole or not at all. */
final readonly class RepSheet
{
    public const COLUMNS = ['id', 'student', 'attack', 'side', 'rung', 'outcome', 'at', 'answer', 'faults', 'touched', 'seconds', 'stressor', 'source', 'replaces', 'reason'];

    private const MOST = 20_000;

    /**
     * @param list<array<string, mixed>>            $new   values of reps that are not there yet, by line
     * @param list<array{line: int, what: string}>  $wrong what cannot be read, and where
     * @param int                                   $known how many are there already
     */
    private function __construct(public array $new, public array $wrong, public int $known) {}

    /** @param resource $stream */
    public static function write(School $school, $stream): void
    {
        Csv::line($stream, self::COLUMNS);
        $school->reps()->with(['student', 'attack', 'answer'])->orderBy('at')->orderBy('id')->chunk(2000, static function ($reps) use ($stream): void {
            foreach ($reps as $rep) {
                assert($rep instanceof Rep);
                Csv::line($stream, self::line($rep));
            }
        });
    }

    public static function read(string $text, School $school): self
    {
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false) {
            return new self([], [], 0);
        }
        fwrite($stream, preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? $text);
        rewind($stream);
        $heads = array_map(static fn (?string $head): string => trim((string) $head), fgetcsv($stream, escape: '') ?: []);
        $wrong = self::heads($heads);
        $new = [];
        $known = 0;
        $ids = ['student' => $school->students()->pluck('id', 'code'), 'attack' => $school->attacks()->pluck('id', 'code'), 'answer' => $school->answers()->pluck('id', 'code')];
        $there = $school->reps()->pluck('id')->flip()->all();
        $rules = [...RepRequest::of($school), 'at' => ['required', 'date', 'after:2000-01-01', 'before:tomorrow'], 'source' => ['in:seen,home'], 'reason' => ['nullable', 'string', 'max:500']];
        // What a file names it names by codes, which are looked up here; and a correction may come with what it corrects.
        unset($rules['student_id'], $rules['attack_id'], $rules['answer_id']);
        $rules['replaces'] = ['nullable', 'uuid', 'different:id'];
        for ($line = 2; $wrong === [] || $line > 2; $line++) {
            $fields = fgetcsv($stream, escape: '');
            if ($fields === false || $line > self::MOST + 1) {
                $wrong = $fields === false ? $wrong : [...$wrong, ['line' => $line, 'what' => sprintf('A file has up to %d reps; split it.', self::MOST)]];
                break;
            }
            if ($fields === [null]) {
                continue;
            }
            if (count($fields) !== count($heads)) {
                $wrong[] = ['line' => $line, 'what' => sprintf('Found %d fields, expected %d.', count($fields), count($heads))];

                continue;
            }
            $values = self::values(array_combine($heads, array_map(Csv::plain(...), $fields)));
            $missing = self::unknown($values, $ids);
            $validator = Validator::make($values, $rules);
            if ($missing !== null || $validator->fails()) {
                $wrong[] = ['line' => $line, 'what' => $missing ?? (string) $validator->errors()->first()];
            } elseif (isset($there[Str::lower($values['id'])])) {
                $known++;
            } else {
                $there[Str::lower($values['id'])] = true;
                $new[] = [...$values, 'student_id' => $ids['student'][$values['student']], 'attack_id' => $ids['attack'][$values['attack']], 'answer_id' => $ids['answer'][$values['answer'] ?? ''] ?? null];
            }
        }
        foreach ($new as $values) {
            if (isset($values['replaces']) && ! isset($there[Str::lower($values['replaces'])])) {
                $wrong[] = ['line' => 0, 'what' => sprintf('Rep %s replaces %s, which is neither here nor in the file.', $values['id'], $values['replaces'])];
            }
        }

        return new self($new, $wrong, $known);
    }

    /** Takes in what is new, all of it or nothing; what came in meanwhile is left as it is. */
    public function store(School $school, User $by): int
    {
        return DB::transaction(function () use ($school, $by): int {
            $added = 0;
            foreach (array_chunk($this->originalsFirst(), 500) as $chunk) {
                $added += DB::table('reps')->insertOrIgnore(array_map(static fn (array $values): array => [
                    'id' => Str::lower($values['id']), 'school_id' => $school->id, 'student_id' => $values['student_id'], 'attack_id' => $values['attack_id'], 'side' => $values['side'], 'rung' => $values['rung'], 'outcome' => $values['outcome'],
                    'at' => $values['at'], 'answer_id' => $values['answer_id'], 'faults' => json_encode($values['faults'], JSON_UNESCAPED_UNICODE), 'touched' => $values['touched'], 'seconds' => $values['seconds'], 'stressor' => $values['stressor'],
                    'source' => $values['source'], 'replaces' => $values['replaces'] === null ? null : Str::lower($values['replaces']), 'reason' => $values['replaces'] === null ? null : $values['reason'], 'recorded_by_id' => $by->id,
                ], $chunk));
            }

            return $added;
        }, RepLog::ATTEMPTS);
    }

    /** @return list<array<string, mixed>> a correction after what it corrects */
    private function originalsFirst(): array
    {
        $left = $this->new;
        $ordered = [];
        $waiting = array_flip(array_map(static fn (array $values): string => Str::lower($values['id']), $left));
        while ($left !== []) {
            $ready = array_filter($left, static fn (array $values): bool => $values['replaces'] === null || ! isset($waiting[Str::lower($values['replaces'])]));
            if ($ready === []) {
                return [...$ordered, ...$left];
            }
            foreach ($ready as $values) {
                unset($waiting[Str::lower($values['id'])]);
            }
            array_push($ordered, ...$ready);
            $left = array_values(array_diff_key($left, $ready));
        }

        return $ordered;
    }

    /**
     * @param list<string> $heads
     *
     * @return list<array{line: int, what: string}>
     */
    private static function heads(array $heads): array
    {
        $unknown = array_diff($heads, self::COLUMNS);
        $missing = array_diff(['id', 'student', 'attack', 'side', 'rung', 'outcome', 'at'], $heads);

        return match (true) {
            $unknown !== [] => [['line' => 1, 'what' => sprintf('Found the column “%s”, expected some of %s.', Str::limit((string) reset($unknown), 60), implode(', ', self::COLUMNS))]],
            $missing !== [] => [['line' => 1, 'what' => 'The first line names the columns; these are missing: '.implode(', ', $missing).'.']],
            count(array_unique($heads)) !== count($heads) => [['line' => 1, 'what' => 'A column is named twice.']],
            default => [],
        };
    }

    /**
     * @param array<string, string> $fields
     *
     * @return array<string, mixed>
     */
    private static function values(array $fields): array
    {
        $said = static fn (string $column): ?string => ($fields[$column] ?? '') === '' ? null : $fields[$column];

        return [
            ...array_combine(self::COLUMNS, array_map($said, self::COLUMNS)),
            'rung' => is_numeric($fields['rung']) ? (int) $fields['rung'] : $fields['rung'],
            'faults' => $said('faults') === null ? [] : array_map(trim(...), explode(';', (string) $said('faults'))),
            'source' => $said('source') ?? 'seen',
        ];
    }

    /**
     * @param array<string, mixed>                                        $values
     * @param array<string, \Illuminate\Support\Collection<string, int>> $ids by code
     */
    private static function unknown(array $values, array $ids): ?string
    {
        foreach ($ids as $column => $known) {
            $code = $values[$column] ?? null;
            if (($code !== null || $column !== 'answer') && ! isset($known[$code ?? ''])) {
                return sprintf('Found the %s “%s”, which this school does not have.', $column, Str::limit((string) $code, 60));
            }
        }

        return null;
    }

    /** @return list<string> */
    private static function line(Rep $rep): array
    {
        return array_map(strval(...), [
            $rep->id, $rep->student->code, $rep->attack->code, $rep->side, $rep->rung, $rep->outcome, $rep->at->toIso8601String(), $rep->answer->code ?? '', implode('; ', $rep->faults),
            $rep->touched ?? '', $rep->seconds ?? '', $rep->stressor ?? '', $rep->source, $rep->replaces ?? '', $rep->reason ?? '',
        ]);
    }
}
