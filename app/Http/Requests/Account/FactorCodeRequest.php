<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\FieldsRequest;

/** A code of an authenticator, or a recovery code. */
final class FactorCodeRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }
}
