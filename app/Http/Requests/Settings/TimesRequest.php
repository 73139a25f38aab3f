<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use StoneDrill\Core\Curriculum\ProofStandard;

/** How fast proof fades. */
final class TimesRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['half_life' => ['required', 'numeric', 'between:'.ProofStandard::MIN_HALF_LIFE.','.ProofStandard::MAX_HALF_LIFE]];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['half_life' => __('settings.times.half-life-name')];
    }

    /** @return array<string, mixed> the column that it fills */
    public function columns(): array
    {
        return ['half_life' => (float) $this->validated('half_life')];
    }
}
