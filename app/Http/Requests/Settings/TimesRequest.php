<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use StoneDrill\Core\Curriculum\ProofStandard;
use StoneDrill\Core\Curriculum\Reaction;

/** How fast proof fades, and how long reacting takes; what is not sent stays. */
final class TimesRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'half_life' => [
                'sometimes',
                'required',
                'numeric',
                'between:'.ProofStandard::MIN_HALF_LIFE.','.ProofStandard::MAX_HALF_LIFE,
            ],
            'latest' => [
                'sometimes',
                'required',
                'integer',
                'between:'.ProofStandard::MIN_LATEST.','.ProofStandard::MAX_LATEST,
            ],
            'reaction_base' => ['sometimes', 'required', 'numeric', 'between:0,'.Reaction::MAX_BASE],
            'reaction_per_bit' => ['sometimes', 'required', 'numeric', 'between:0,'.Reaction::MAX_PER_BIT],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'half_life' => __('settings.times.half-life-name'),
            'latest' => __('settings.times.latest-name'),
            'reaction_base' => __('settings.times.base-name'),
            'reaction_per_bit' => __('settings.times.per-bit-name'),
        ];
    }

    /** @return array<string, int|float> by column */
    public function columns(): array
    {
        return array_map(
            static fn (mixed $figure): int|float => $figure + 0,
            $this->safe()->only(['half_life', 'latest', 'reaction_base', 'reaction_per_bit']),
        );
    }
}
