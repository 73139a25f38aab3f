<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use StoneDrill\Core\Curriculum\Hazard;

/** A student as written in the form. */
final class StudentRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'rank' => ['required', Rule::in($this->school()->ranks->pluck('id')->map(strval(...))->all())],
            'height' => ['nullable', 'numeric', 'between:0.8,2.4'],
            'born' => ['nullable', 'date_format:Y-m-d', 'before:today', 'after:1900-01-01'],
            'consent_by' => ['nullable', 'string', 'max:200', 'required_with:consent_on'],
            'consent_on' => [
                'nullable',
                'date_format:Y-m-d',
                'before_or_equal:today',
                'after:1900-01-01',
                'required_with:consent_by',
            ],
            'flags' => ['array'],
            'flags.*' => [Rule::in(self::flags())],
        ];
    }

    /** @return list<string> */
    public static function flags(): array
    {
        return array_map(static fn (Hazard $hazard): string => 'no-'.$hazard->value, Hazard::cases());
    }

    /** @return array<string, mixed> the columns it fills */
    public function columns(): array
    {
        $values = $this->validated();

        return [
            'name' => $values['name'],
            'rank_id' => (int) $values['rank'],
            'height' => isset($values['height']) ? (float) $values['height'] : null,
            'born' => $values['born'] ?? null,
            'consent_by' => $values['consent_by'] ?? null,
            'consent_on' => $values['consent_on'] ?? null,
            'flags' => array_values($values['flags'] ?? []),
        ];
    }
}
