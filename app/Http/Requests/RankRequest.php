<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Persistence\CatalogueMapper;
use Illuminate\Validation\Rule;

/** A rank of the school's own ladder. */
final class RankRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'max_beats' => ['required', 'integer', 'between:1,99'],
            'goal_rung' => ['required', Rule::in(app(CatalogueMapper::class)->ladder($this->school())->ids())],
        ];
    }
}
