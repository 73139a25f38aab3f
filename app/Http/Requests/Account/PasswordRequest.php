<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\FieldsRequest;
use Illuminate\Validation\Rules\Password;

/** Another password, by who knows the present one. */
final class PasswordRequest extends FieldsRequest
{
    protected $errorBag = 'password';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current_password' => ['required', 'string', 'max:200', 'current_password'],
            'password' => ['required', 'string', 'max:200', 'different:current_password', Password::defaults()],
        ];
    }
}
