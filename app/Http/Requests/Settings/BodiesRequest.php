<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Curriculum\AnswerStandard;
use StoneDrill\Core\Curriculum\Statures;

/** How tall the bodies are that a school reckons with, and by how much a figure may be short and still be close. */
final class BodiesRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'typical' => ['required', Rule::in(array_keys([...Statures::BUILT_IN, ...$this->school()->sizes]))],
            'tolerance' => ['required', 'numeric', 'between:0,'.AnswerStandard::MAX_TOLERANCE * 100],
            'sizes' => ['required', 'array'],
            'sizes.*' => ['required', 'numeric', 'between:0.8,2.4'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['tolerance' => __('settings.bodies.tolerance-name'), 'sizes.*' => __('settings.bodies.size-name')];
    }

    /** @return array<string, mixed> the columns that it fills */
    public function columns(): array
    {
        $known = array_keys([...Statures::BUILT_IN, ...$this->school()->sizes]);

        return [
            'typical' => (string) $this->validated('typical'),
            'tolerance' => round((float) $this->validated('tolerance') / 100, 4),
            'sizes' => array_map(
                floatval(...),
                array_intersect_key((array) $this->validated('sizes'), array_flip($known)),
            ),
        ];
    }
}
