<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Persistence\CatalogueMapper;
use App\View\Forms\DrillListForm;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use StoneDrill\Core\Coverage\Pairs\DrillRow;

/** A list of attacks to drill, made of what may vary and what must not come together. */
final class DrillListRequest extends FieldsRequest
{
    /** @var list<DrillRow> */
    private array $rows = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => [
                'required',
                'string',
                'max:200',
                Rule::unique('drill_lists')->where('school_id', $this->school()->id),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.unique' => __('lists.name-taken')];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                $form = new DrillListForm($this->all(), $this->school(), app(CatalogueMapper::class));
                if ($form->rows === null) {
                    $validator->errors()->add('forbid', $form->error ?? __('lists.no-attack'));
                }
                $this->rows = $form->rows === null ? [] : $form->listed();
            },
        ];
    }

    /** @return list<DrillRow> in the order of the list */
    public function rows(): array
    {
        return $this->rows;
    }
}
