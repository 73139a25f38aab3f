<?php

declare(strict_types=1);

namespace App\Http\Requests\Beginning;

use Illuminate\Validation\Rules\Password;

/** The same, with the account of its first head. */
final class BeginSchoolRequest extends SchoolStepRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'person' => ['required', 'string', 'max:200'],
            'email' => ['required', 'string', 'max:200', 'email', 'unique:users'],
            'password' => ['required', 'string', 'max:200', Password::defaults()],
        ];
    }

    /** @return array{name: string, email: string, password: string} */
    public function head(): array
    {
        return ['name' => (string) $this->validated('person'), 'email' => (string) $this->validated('email'), 'password' => (string) $this->validated('password')];
    }
}
