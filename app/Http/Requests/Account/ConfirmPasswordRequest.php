<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\FieldsRequest;

/** Something that only who knows the password may do. */
final class ConfirmPasswordRequest extends FieldsRequest
{
    protected $errorBag = 'factor';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['factor_password' => ['required', 'string', 'max:200', 'current_password']];
    }
}
