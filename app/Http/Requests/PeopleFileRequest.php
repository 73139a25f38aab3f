<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Persistence\PeopleLines;
use Illuminate\Http\UploadedFile;

/** People as lines of a spreadsheet, which column holds what, and which way round its dates are. */
final class PeopleFileRequest extends FieldsRequest
{
    private const MAX_CHARACTERS = 500_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rows' => ['required_without:file', 'nullable', 'string', 'max:'.self::MAX_CHARACTERS],
            'file' => ['nullable', 'file', 'max:500', 'extensions:csv,txt,tsv'],
            'columns' => ['array'],
            'columns.*' => ['nullable', 'integer', 'between:0,200'],
            'day_first' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['rows.required_without' => __('students.file.nothing'), 'file.extensions' => __('students.file.extensions')];
    }

    public function lines(): PeopleLines
    {
        $columns = [];
        foreach (PeopleLines::FIELDS as $field) {
            $column = $this->validated("columns.{$field}");
            $columns[$field] = $column === null ? null : (int) $column;
        }

        return new PeopleLines($this->school(), $this->text(), $this->hasFile('file') || ! $this->has('columns') ? [] : $columns, $this->boolean('day_first', true));
    }

    /** In UTF-8; what is in another encoding is taken for what spreadsheets of Windows write. */
    public function text(): string
    {
        $file = $this->file('file');
        $text = $file instanceof UploadedFile ? (string) $file->get() : (string) $this->validated('rows');
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;

        return mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
    }
}
