<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\FieldsRequest;

/** Whether the heads of a school need a second factor. */
final class SchoolFactorRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['heads_need_totp' => ['required', 'boolean']];
    }
}
