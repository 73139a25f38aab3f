<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Rank;
use Illuminate\Validation\Rule;

/** The rank that an answer moves to. */
final class PlacementRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'to' => ['required', Rule::in($this->school()->ranks->pluck('code')->all())],
        ];
    }

    public function rank(): Rank
    {
        return $this->school()->ranks->where('code', $this->validated('to'))->firstOrFail();
    }
}
