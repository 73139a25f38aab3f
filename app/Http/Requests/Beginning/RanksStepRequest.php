<?php

declare(strict_types=1);

namespace App\Http\Requests\Beginning;

use App\Http\Requests\FieldsRequest;
use App\Persistence\CatalogueMapper;
use App\View\Beginning\RankRows;
use Illuminate\Validation\Rule;

/** A whole list of ranks, lowest first. Rows without a name are none. */
final class RanksStepRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ranks' => ['required', 'array', 'max:'.RankRows::MAX],
            'ranks.*.name' => ['required', 'string', 'max:200', 'distinct:ignore_case'],
            'ranks.*.max_beats' => ['required', 'integer', 'between:1,99'],
            'ranks.*.goal_rung' => [
                'required',
                'integer',
                Rule::in(app(CatalogueMapper::class)->ladder($this->school())->ids()),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['ranks.required' => __('beginning.ranks.none')];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        $names = [];
        foreach (array_keys((array) $this->input('ranks')) as $row) {
            foreach (['name', 'max_beats', 'goal_rung'] as $field) {
                $names["ranks.{$row}.{$field}"] = __("beginning.ranks.of-row.{$field}", ['number' => (int) $row + 1]);
            }
        }

        return $names;
    }

    /** @return list<array{name: string, max_beats: int, goal_rung: int}> */
    public function ranks(): array
    {
        return array_values(
            array_map(
                static fn (array $row): array => [
                    'name' => (string) $row['name'],
                    'max_beats' => (int) $row['max_beats'],
                    'goal_rung' => (int) $row['goal_rung'],
                ],
                $this->validated('ranks'),
            ),
        );
    }

    protected function prepareForValidation(): void
    {
        parent::prepareForValidation();
        $rows = array_filter(
            (array) $this->input('ranks'),
            static fn (mixed $row): bool => is_array($row)
                && is_string($row['name'] ?? null)
                && trim($row['name']) !== '',
        );
        $this->merge(['ranks' => array_values($rows)]);
        request()->merge(['ranks' => array_values($rows)]);
    }
}
