<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\FieldsRequest;
use App\Models\Invitation;
use Illuminate\Validation\Rules\Password;

/** The account of somebody who was invited. Where a mail invited them, its address is theirs. */
final class JoinRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'email' => ['required', 'string', 'max:200', 'email', 'unique:users'],
            'password' => ['required', 'string', 'max:200', Password::defaults()],
        ];
    }

    /** @return array{string, string, string} name, email, password */
    public function account(Invitation $invitation): array
    {
        return [
            (string) $this->validated('name'),
            $invitation->email ?? (string) $this->validated('email'),
            (string) $this->validated('password'),
        ];
    }

    protected function prepareForValidation(): void
    {
        parent::prepareForValidation();
        $this->merge(['email' => Invitation::byCode((string) $this->route('code'))->email ?? $this->input('email')]);
    }
}
