<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A change of an answer as it was when it was read, or of one of its beats. */
final class VersionRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'beat' => ['nullable', 'string']];
    }
}
