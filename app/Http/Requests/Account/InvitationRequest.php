<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\FieldsRequest;
use App\Models\Role;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Validation\Rule;

/** Who is invited, as what, and whom they look after. */
final class InvitationRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $own = $this->school()->students()->pluck('id')->map(strval(...))->all();

        return [
            'name' => ['required', 'string', 'max:200'],
            'email' => ['nullable', 'string', 'max:200', 'email', 'unique:users'],
            'role' => ['required', Rule::enum(Role::class)],
            'student' => [
                'nullable',
                'required_if:role,'.Role::Student->value,
                Rule::in($own),
                'unique:users,student_id',
            ],
            'children' => ['array', 'required_if:role,'.Role::Guardian->value],
            'children.*' => [Rule::in($own)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'student.required_if' => __('accounts.which-student'),
            'student.unique' => __('accounts.student-has-account'),
            'children.required_if' => __('accounts.which-children'),
            'email.unique' => __('accounts.email-has-account'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $student = $validator->errors()->isEmpty() && $this->input('role') === Role::Student->value
                    ? $this->school()->students()->find($this->integer('student'))
                    : null;
                if ($student?->hasConsent() === false) {
                    $validator->errors()->add('student', __('people.consent-needed'));
                }
            },
        ];
    }

    /** @return list<int> */
    public function students(): array
    {
        return array_map(
            intval(...),
            array_values(
                match (Role::from((string) $this->validated('role'))) {
                    Role::Student => [$this->validated('student')],
                    Role::Guardian => $this->validated('children'),
                    default => [],
                },
            ),
        );
    }
}
