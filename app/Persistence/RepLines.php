<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Actions\RecordReps;
use App\Http\Requests\RepRequest;
use App\Models\School;
use App\Rules\Moment;
use App\View\Drill\RepCsv;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

/** Reads the lines of a file of reps one by one, and names each that cannot be stored. */
final class RepLines
{
    public const MAX = 20_000;

    /** @var array<int, array<string, mixed>> values of reps that can be read, by line */
    private array $read = [];

    /** @var list<array{line: int, what: string}> */
    private array $wrong = [];

    /** @var array<string, int> line by id of the rep */
    private array $lines = [];

    /** @var array<string, int> line by id of the rep that is corrected there */
    private array $corrections = [];

    /** @var array<string, Collection<string, int>> id of the row by code */
    private array $ids;

    /** @var array<string, list<mixed>> */
    private array $rules;

    public function __construct(private readonly School $school)
    {
        $this->ids = ['student' => $school->students()->pluck('id', 'code'), 'attack' => $school->attacks()->pluck('id', 'code'), 'answer' => $school->answers()->pluck('id', 'code')];
        $this->rules = [...RepRequest::of($school), 'at' => ['required', new Moment($school->zone, CarbonImmutable::now())], 'source' => ['in:seen,home']];
        // What a file names it names by codes, which are looked up here; and a correction may come with what it corrects.
        unset($this->rules['student_id'], $this->rules['attack_id'], $this->rules['answer_id']);
        $this->rules['replaces'] = ['bail', 'nullable', 'uuid', 'different:id'];
    }

    public function hasRoom(): bool
    {
        return count($this->lines) < self::MAX;
    }

    public function refuse(int $line, string $what): void
    {
        $this->wrong[] = ['line' => $line, 'what' => $what];
    }

    /** @param array<string, ?string> $fields by column */
    public function read(int $line, array $fields): void
    {
        foreach ($fields as $column => $field) {
            if (preg_match('/[\p{Cc}]/u', (string) $field) === 1) {
                $this->refuse($line, "Found a control character in “{$column}”, such as a tab or a line break; write it in one line of plain text.");

                return;
            }
        }
        $values = self::values(array_map(Csv::plain(...), $fields));
        $unknown = $this->unknown($values);
        $validator = Validator::make($values, $this->rules, RepRequest::says());
        if ($unknown !== null || $validator->fails()) {
            $this->refuse($line, $unknown ?? implode(' ', array_unique($validator->errors()->all())));

            return;
        }
        $twice = $this->lines[$values['id']] ?? null;
        $other = $this->corrections[$values['replaces'] ?? ''] ?? null;
        match (true) {
            $twice !== null => $this->refuse($line, "The id stands on line {$twice} already."),
            $other !== null => $this->refuse($line, "Line {$other} corrects the same rep; correct that correction instead."),
            default => $this->keep($line, $values),
        };
    }

    /** @return array{new: list<array<string, mixed>>, wrong: list<array{line: int, what: string}>, known: int} */
    public function finish(): array
    {
        $ordered = $this->originalsFirst();
        $known = $this->known();
        foreach ((new RecordReps($this->school, null))->rehearse($ordered) as $refused) {
            $this->refuse($this->lines[$refused->id], $refused->why);
        }
        usort($this->wrong, static fn (array $a, array $b): int => $a['line'] <=> $b['line']);
        $new = array_values(array_filter($ordered, static fn (array $values): bool => ! isset($known[$values['id']])));

        return ['new' => $new, 'wrong' => $this->wrong, 'known' => count($known)];
    }

    /** @param array<string, mixed> $values */
    private function keep(int $line, array $values): void
    {
        $this->lines[$values['id']] = $line;
        if ($values['replaces'] !== null) {
            $this->corrections[$values['replaces']] = $line;
        }
        $this->read[$line] = [...$values, 'student_id' => $this->ids['student'][$values['student']], 'attack_id' => $this->ids['attack'][$values['attack']], 'answer_id' => $this->ids['answer'][$values['answer'] ?? ''] ?? null];
    }

    /** @return array<string, int> ids of the file that the school has already */
    private function known(): array
    {
        $known = [];
        foreach (array_chunk(array_keys($this->lines), 1000) as $ids) {
            $known += $this->school->reps()->whereKey($ids)->pluck('id')->flip()->all();
        }

        return $known;
    }

    /**
     * A correction after what it corrects. Those that correct each other in a circle are refused.
     *
     * @return list<array<string, mixed>>
     */
    private function originalsFirst(): array
    {
        $ordered = [];
        $left = $this->read;
        $waiting = $this->lines;
        do {
            $ready = array_filter($left, static fn (array $values): bool => $values['replaces'] === null || ! isset($waiting[$values['replaces']]));
            foreach ($ready as $values) {
                unset($waiting[$values['id']]);
                $ordered[] = $values;
            }
            $left = array_diff_key($left, $ready);
        } while ($ready !== []);
        foreach (array_keys($left) as $line) {
            $this->refuse($line, 'These corrections correct each other in a circle; one of them has to be the first.');
        }

        return $ordered;
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
            ...array_combine(RepCsv::COLUMNS, array_map($said, RepCsv::COLUMNS)),
            'id' => Str::lower($fields['id']),
            'replaces' => $said('replaces') === null ? null : Str::lower((string) $said('replaces')),
            'rung' => ctype_digit($fields['rung']) ? (int) $fields['rung'] : $fields['rung'],
            'mistakes' => $said('mistakes') === null ? [] : array_map(trim(...), explode(';', (string) $said('mistakes'))),
            'source' => $said('source') ?? 'seen',
        ];
    }

    /** @param array<string, mixed> $values */
    private function unknown(array $values): ?string
    {
        foreach ($this->ids as $column => $known) {
            $code = $values[$column] ?? null;
            if (($code !== null || $column !== 'answer') && ! isset($known[$code ?? ''])) {
                return sprintf('Found the %s “%s”, which this school does not have.', $column, Str::limit((string) $code, 60));
            }
        }

        return null;
    }
}
