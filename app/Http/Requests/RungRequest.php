<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A rung of the school's ladder of pressure. */
final class RungRequest extends FieldsRequest
{
    private const MAX_STRESSORS = 8;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'pace' => ['required', 'numeric', 'between:0.1,1.5'],
            'resistance' => ['required', 'integer', 'between:0,3'],
            'attack_told' => ['boolean'],
            'moment_told' => ['boolean'],
            'follow_ups' => ['boolean'],
            'stressors' => ['nullable', 'string', 'max:400'],
        ];
    }

    /** @return array<string, mixed> the columns it fills */
    public function columns(): array
    {
        $stressors = array_values(
            array_unique(array_filter(array_map(trim(...), explode(',', (string) $this->string('stressors'))))),
        );

        return [
            'name' => $this->validated('name'),
            'pace' => (float) $this->validated('pace'),
            'resistance' => (int) $this->validated('resistance'),
            'attack_told' => $this->boolean('attack_told'),
            'moment_told' => $this->boolean('moment_told'),
            'follow_ups' => $this->boolean('follow_ups'),
            'stressors' => array_slice($stressors, 0, self::MAX_STRESSORS),
        ];
    }
}
