<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use StoneDrill\Core\Curriculum\ForceLevels;

/** How far a school reckons that each hazard can go, and how far it may go against what an attacker wants. */
final class ForceRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = [];
        foreach (['hazards' => ForceLevels::HAZARDS, 'allowed' => ForceLevels::ALLOWED] as $key => $usual) {
            $rules[$key] = ['required', 'array'];
            foreach (array_keys($usual) as $word) {
                $rules["{$key}.{$word}"] = ['required', 'integer', 'between:0,'.ForceLevels::MAX];
            }
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['hazards.*' => __('settings.force.hazard-name'), 'allowed.*' => __('settings.force.allowed-name')];
    }

    /** @return array<string, mixed> by column */
    public function columns(): array
    {
        return [
            'force' => array_map(
                static fn (array $levels): array => array_map(intval(...), $levels),
                $this->safe()->only('hazards', 'allowed'),
            ),
        ];
    }
}
