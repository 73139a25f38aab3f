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
use Illuminate\Validation\Rule;
use StoneDrill\Core\Proof\AttackedBy;
use StoneDrill\Core\Proof\Source;

/** Reads the lines of a file of reps one by one, and names each that cannot be stored. */
final class RepLines
{
    public const MAX = 20_000;

    /** @var array<int, array<string, mixed>> values of reps that can be read, by line */
    private array $read = [];

    /** @var list<array{line: int, what: string}> */
    private array $refused = [];

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
        $this->ids = [
            'student' => ($students = $school->students()->pluck('id', 'code')),
            'attacker' => $students,
            'class' => $school->classes()->pluck('id', 'code'),
            'attack' => $school->attacks()->pluck('id', 'code'),
            'answer' => $school->answers()->pluck('id', 'code'),
        ];
        $this->rules = [
            ...RepRequest::of($school),
            'at' => ['required', new Moment($school->zone, CarbonImmutable::now())],
            'source' => [Rule::enum(Source::class)],
            'attacker' => ['nullable', 'different:student'],
            'attacked_by' => ['bail', 'nullable', Rule::enum(AttackedBy::class), 'prohibits:attacker'],
        ];
        // What a file names it names by codes, which are looked up here; and a correction may come with what it
        // corrects.
        unset(
            $this->rules['student_id'],
            $this->rules['attack_id'],
            $this->rules['answer_id'],
            $this->rules['attacker_id'],
            $this->rules['class_id'],
        );
        $this->rules['replaces'] = ['bail', 'nullable', 'uuid', 'different:id'];
    }

    public function hasRoom(): bool
    {
        return count($this->lines) < self::MAX;
    }

    public function refuse(int $line, string $what): void
    {
        $this->refused[] = ['line' => $line, 'what' => $what];
    }

    /** @param array<string, ?string> $fields by column */
    public function read(int $line, array $fields): void
    {
        foreach ($fields as $column => $field) {
            if (preg_match('/[\p{Cc}]/u', (string) $field) === 1) {
                $this->refuse($line, __('reps.file.control-character', ['column' => $column]));

                return;
            }
        }
        $values = self::values(array_map(Csv::plain(...), $fields));
        $unknown = $this->unknown($values);
        $validator = Validator::make($values, $this->rules, RepRequest::texts());
        if ($unknown !== null || $validator->fails()) {
            $this->refuse($line, $unknown ?? implode(' ', array_unique($validator->errors()->all())));

            return;
        }
        $twice = $this->lines[$values['id']] ?? null;
        $other = $this->corrections[$values['replaces'] ?? ''] ?? null;
        match (true) {
            $twice !== null => $this->refuse($line, __('reps.file.id-twice', ['line' => $twice])),
            $other !== null => $this->refuse($line, __('reps.file.corrected-twice', ['line' => $other])),
            default => $this->keep($line, $values),
        };
    }

    /** @return array{new: list<array<string, mixed>>, refused: list<array{line: int, what: string}>, known: int} */
    public function finish(): array
    {
        $ordered = $this->originalsFirst();
        $known = $this->known();
        foreach ((new RecordReps($this->school, null))->rehearse($ordered) as $rep) {
            $this->refuse($this->lines[$rep->id], $rep->why);
        }
        usort($this->refused, static fn (array $a, array $b): int => $a['line'] <=> $b['line']);
        $new = array_values(array_filter($ordered, static fn (array $values): bool => ! isset($known[$values['id']])));

        return ['new' => $new, 'refused' => $this->refused, 'known' => count($known)];
    }

    /** @param array<string, mixed> $values */
    private function keep(int $line, array $values): void
    {
        $this->lines[$values['id']] = $line;
        if ($values['replaces'] !== null) {
            $this->corrections[$values['replaces']] = $line;
        }
        $this->read[$line] = [
            ...$values,
            'student_id' => $this->ids['student'][$values['student']],
            'attack_id' => $this->ids['attack'][$values['attack']],
            'answer_id' => $this->ids['answer'][$values['answer'] ?? ''] ?? null,
            'attacker_id' => $this->ids['attacker'][$values['attacker'] ?? ''] ?? null,
            'class_id' => $this->ids['class'][$values['class'] ?? ''] ?? null,
            // Somebody else's program recorded it.
            'rules' => null,
        ];
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
            $ready = array_filter(
                $left,
                static fn (array $values): bool => $values['replaces'] === null
                    || ! isset($waiting[$values['replaces']]),
            );
            foreach ($ready as $values) {
                unset($waiting[$values['id']]);
                $ordered[] = $values;
            }
            $left = array_diff_key($left, $ready);
        } while ($ready !== []);
        foreach (array_keys($left) as $line) {
            $this->refuse($line, __('reps.file.circle'));
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
        $written = static fn (string $column): ?string => ($fields[$column] ?? '') === '' ? null : $fields[$column];

        return [
            ...array_combine(RepCsv::COLUMNS, array_map($written, RepCsv::COLUMNS)),
            'id' => Str::lower($fields['id']),
            'replaces' => $written('replaces') === null ? null : Str::lower((string) $written('replaces')),
            'rung' => ctype_digit($fields['rung']) ? (int) $fields['rung'] : $fields['rung'],
            'mistakes' => $written('mistakes') === null
                ? []
                : array_map(trim(...), explode(';', (string) $written('mistakes'))),
            'source' => $written('source') ?? 'seen',
        ];
    }

    /** @param array<string, mixed> $values */
    private function unknown(array $values): ?string
    {
        foreach ($this->ids as $column => $known) {
            $code = $values[$column] ?? null;
            if (($code !== null || in_array($column, ['student', 'attack'], true)) && ! isset($known[$code ?? ''])) {
                return __('reps.file.unknown.'.$column, ['code' => Str::limit((string) $code, 60)]);
            }
        }

        return null;
    }
}
