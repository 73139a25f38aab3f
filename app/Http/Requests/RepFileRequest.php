<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A file of reps to look at. */
final class RepFileRequest extends FieldsRequest
{
    private const MAX_KILOBYTES = 8_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MAX_KILOBYTES, 'extensions:csv,txt']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => __('words.choose-a-file'),
            'file.uploaded' => __('words.not-whole', ['megabytes' => 8]),
            'file.extensions' => __('reps.file.extensions'),
        ];
    }

    /** The text of the file in UTF-8; one in another encoding is taken for what spreadsheets of Windows write. */
    public function text(): string
    {
        $text = (string) $this->file('file')->get();

        return mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
    }
}
