<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A catalogue file to bring in. */
final class ImportRequest extends FieldsRequest
{
    public const MAX_KILOBYTES = 64_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MAX_KILOBYTES, 'extensions:yaml,yml,json,zip']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => __('words.choose-a-file'),
            'file.uploaded' => __('words.not-whole', ['megabytes' => 64]),
            'file.extensions' => __('school.import.extensions'),
        ];
    }
}
