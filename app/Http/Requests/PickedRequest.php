<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attack;
use App\Models\DrillList;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use StoneDrill\Core\Attack\Side;

/** Attacks picked one by one for a list: one that is there, or a new one. */
final class PickedRequest extends FieldsRequest
{
    /** Attacks that are picked at once. */
    private const MAX = 200;

    /** @var list<array{attack_id: int, side: Side}> */
    private array $items = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $school = $this->school();

        return [
            'list' => ['nullable', 'integer', Rule::exists('drill_lists', 'id')->where('school_id', $school->id)],
            'name' => $this->input('list') === null
                ? ['required', 'string', 'max:200', Rule::unique('drill_lists')->where('school_id', $school->id)]
                : ['exclude'],
            'cells' => ['required', 'array', 'max:'.self::MAX],
            'cells.*' => ['string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => __('lists.name-taken'),
            'name.required' => __('lists.needs-a-name'),
            'cells.required' => __('lists.nothing-picked'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $attacks = $this->school()->attacks->keyBy('code');
                foreach ($validator->errors()->isEmpty() ? (array) $this->input('cells') : [] as $cell) {
                    [$code, $side] = [...explode(' ', (string) $cell, 2), ''];
                    $attack = $attacks[$code] ?? null;
                    $read = Side::tryFrom($side);
                    if (! ($attack instanceof Attack) || $read === null) {
                        $validator->errors()->add('cells', __('reps.messages.attack-gone'));
                    } else {
                        $this->items[] = ['attack_id' => $attack->id, 'side' => $read];
                    }
                }
            },
        ];
    }

    /** @return list<array{attack_id: int, side: Side}> in the order in which they were picked */
    public function items(): array
    {
        return $this->items;
    }

    public function drillList(): DrillList
    {
        $list = $this->validated('list');

        return $list === null
            ? $this->school()
                ->drillLists()
                ->create(['name' => $this->validated('name'), 'made_by_id' => $this->user()?->id])
            : $this->school()->drillLists()->findOrFail((int) $list);
    }
}
