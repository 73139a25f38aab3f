<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;

/** When a test is, for which rank, and who is examined. */
final class TestRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $school = $this->school();

        return [
            'rank' => ['required', 'integer', Rule::exists('ranks', 'id')->where('school_id', $school->id)],
            'at' => ['required', 'date_format:Y-m-d\\TH:i', 'after:2000-01-01', 'before:2100-01-01'],
            'place' => ['nullable', 'string', 'max:200'],
            'items' => ['required', Rule::in(['list', 'drawn'])],
            'candidates' => ['array', 'max:300'],
            'candidates.*' => [
                'integer',
                Rule::exists('students', 'id')->where('school_id', $school->id)->whereNull('erased_at'),
            ],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [...array_map(strval(...), texts('tests.fields')), 'candidates.*' => __('tests.fields.candidates')];
    }

    /** @return array<string, mixed> the columns that it fills */
    public function columns(): array
    {
        $values = $this->validated();

        return [
            'rank_id' => (int) $values['rank'],
            'at' => CarbonImmutable::parse($values['at'], $this->school()->timeZone())->utc(),
            'place' => (string) ($values['place'] ?? ''),
            'is_drawn' => $values['items'] === 'drawn',
        ];
    }

    /** @return list<int> ids of students */
    public function candidates(): array
    {
        return array_values(array_map(intval(...), $this->validated('candidates', [])));
    }
}
