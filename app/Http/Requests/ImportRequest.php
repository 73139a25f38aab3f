<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;

/** A catalogue file to bring in. */
final class ImportRequest extends FieldsRequest
{
    private const TEXT_KILOBYTES = 16_000;

    private const ZIP_KILOBYTES = 64_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.$this->mostKilobytes(), 'extensions:yaml,yml,json,zip']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => __('words.choose-a-file'),
            'file.uploaded' => __('words.not-whole', ['megabytes' => self::ZIP_KILOBYTES / 1000]),
            'file.max' => __('school.import.too-large', [
                'text' => self::TEXT_KILOBYTES / 1000,
                'zip' => self::ZIP_KILOBYTES / 1000,
            ]),
            'file.extensions' => __('school.import.extensions'),
        ];
    }

    private function mostKilobytes(): int
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile && strtolower($file->getClientOriginalExtension()) === 'zip'
            ? self::ZIP_KILOBYTES
            : self::TEXT_KILOBYTES;
    }
}
