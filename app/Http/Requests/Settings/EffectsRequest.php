<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use StoneDrill\Core\Curriculum\AnswerStandard;
use StoneDrill\Core\Technique\EffectTimes;

/** How long a school reckons that effects last. */
final class EffectsRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'effect_times' => ['required', 'array'],
            ...array_fill_keys(
                array_map(
                    static fn (string $effect): string => "effect_times.{$effect}",
                    array_keys((array) new EffectTimes()),
                ),
                ['required', 'numeric', 'between:'.EffectTimes::MIN.','.EffectTimes::MAX],
            ),
            'turning' => [
                'sometimes',
                'required',
                'numeric',
                'between:'.AnswerStandard::MIN_TURNING.','.AnswerStandard::MAX_TURNING,
            ],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['effect_times.*' => __('settings.effects.name'), 'turning' => __('settings.effects.turning-name')];
    }

    /** @return array<string, mixed> by column */
    public function columns(): array
    {
        return [
            'effect_times' => array_map(floatval(...), (array) $this->validated('effect_times')),
            ...array_map(floatval(...), $this->safe()->only('turning')),
        ];
    }
}
