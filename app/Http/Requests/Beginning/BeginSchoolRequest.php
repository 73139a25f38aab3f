<?php

declare(strict_types=1);

namespace App\Http\Requests\Beginning;

use App\Auth\PendingSchool;
use App\Http\Word;
use Illuminate\Support\Facades\Hash;
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
            'email' => ['required', 'string', 'max:200', 'email'],
            'password' => ['required', 'string', 'max:200', Password::defaults()],
        ];
    }

    /** What was typed. Whether the email has an account is told to nobody but who reads its mail. */
    public function pending(): PendingSchool
    {
        $head = [
            'name' => (string) $this->validated('person'),
            'email' => (string) $this->validated('email'),
            'password' => Hash::make((string) $this->validated('password')),
        ];

        return new PendingSchool($this->columns(), $head, Word::in($this, 'once'));
    }
}
