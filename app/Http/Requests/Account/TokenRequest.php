<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\FieldsRequest;
use Illuminate\Validation\Rule;

/** A token for a program: what it is called, and what it may. */
final class TokenRequest extends FieldsRequest
{
    public const ABILITIES = ['read', 'record'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'abilities' => ['required', 'array', 'min:1'],
            'abilities.*' => [Rule::in(self::ABILITIES)],
        ];
    }

    /** @return list<string> */
    public function abilities(): array
    {
        return array_values($this->validated('abilities'));
    }
}
