<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Persistence\PeopleLines;
use Illuminate\Http\UploadedFile;

/** People as lines of a spreadsheet, which column holds what, and which way round its dates are. */
final class PeopleFileRequest extends FieldsRequest
{
    use ReadsSpreadsheet;

    private const MAX_CHARACTERS = 500_000;

    private ?string $text = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rows' => ['required_without:file', 'nullable', 'string', 'max:'.self::MAX_CHARACTERS],
            'file' => ['nullable', 'file', 'max:2000', 'extensions:csv,txt,tsv,xlsx'],
            'columns' => ['array'],
            'columns.*' => ['nullable', 'integer', 'between:0,200'],
            'day_first' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'rows.required_without' => __('students.file.nothing'),
            'file.extensions' => __('students.file.extensions'),
        ];
    }

    public function lines(): PeopleLines
    {
        return new PeopleLines(
            $this->school(),
            $this->text(),
            $this->hasFile('file') || ! $this->has('columns') ? [] : $this->columnsOf(PeopleLines::FIELDS),
            $this->boolean('day_first', true),
        );
    }

    public function text(): string
    {
        $file = $this->file('file');

        return $this->text ??= $file instanceof UploadedFile ? $this->textOf($file) : (string) $this->validated('rows');
    }
}
