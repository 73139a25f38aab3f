<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\FieldsRequest;
use App\Models\Role;
use Illuminate\Validation\Rule;

/** Another role for an account. Students are invited as such: an account of another kind does not become one. */
final class RoleRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'role' => ['required', Rule::enum(Role::class)->except(Role::Student)],
            'children' => ['array', 'required_if:role,'.Role::Guardian->value],
            'children.*' => [Rule::in($this->school()->students()->pluck('id')->map(strval(...))->all())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['children.required_if' => __('accounts.which-children')];
    }

    /** @return list<int> */
    public function children(): array
    {
        return array_map(intval(...), array_values($this->validated('children') ?? []));
    }
}
