<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A catalogue file to bring in. */
final class ImportRequest extends FormRequest
{
    public const MAX_KILOBYTES = 16_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MAX_KILOBYTES, 'extensions:yaml,yml,json']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a catalogue file first.',
            'file.uploaded' => 'The file did not arrive whole; files up to 16 MB do.',
            'file.extensions' => 'A catalogue file ends in .yaml, .yml or .json.',
        ];
    }
}
