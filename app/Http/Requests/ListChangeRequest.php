<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\DrillList;
use Illuminate\Validation\Rule;

/** Another name of a list. */
final class ListChangeRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $list = $this->route('list');

        return [
            'name' => [
                'required',
                'string',
                'max:200',
                Rule::unique('drill_lists')
                    ->where('school_id', $this->school()->id)
                    ->ignore($list instanceof DrillList ? $list->id : null),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.unique' => __('lists.name-taken')];
    }
}
