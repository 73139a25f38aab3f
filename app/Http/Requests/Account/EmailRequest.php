<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\FieldsRequest;

/** Another email, by who knows the password. */
final class EmailRequest extends FieldsRequest
{
    protected $errorBag = 'email';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:200', 'email', 'unique:users'],
            'email_password' => ['required', 'string', 'max:200', 'current_password'],
        ];
    }
}
