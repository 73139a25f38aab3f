<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\School;
use App\View\Drill\RepCsv;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;

/** A file of reps to look at. */
final class RepFileRequest extends FieldsRequest
{
    use ReadsSpreadsheet;

    private const MAX_KILOBYTES = 8_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'file' => ['required_without:kept', 'file', 'max:'.self::MAX_KILOBYTES, 'extensions:csv,txt,xlsx'],
            'kept' => ['nullable', 'string', 'alpha_num:ascii', 'size:40'],
            'columns' => ['array'],
            'columns.*' => ['nullable', 'integer', 'between:0,200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required_without' => __('words.choose-a-file'),
            'file.uploaded' => __('words.not-whole', ['megabytes' => 8]),
            'file.extensions' => __('reps.file.extensions'),
        ];
    }

    /** The heads of its columns say what they hold, or whoever brought it has. */
    public function text(): string
    {
        $kept = $this->validated('kept');
        $file = $this->file('file');
        $text = $file instanceof UploadedFile
            ? $this->textOf($file)
            : (string) Storage::get(self::pathOf($this->school(), (string) $kept));
        if ($text === '' && $kept !== null) {
            throw ValidationException::withMessages(['file' => __('messages.file-gone')]);
        }

        return $file instanceof UploadedFile || ! $this->has('columns')
            ? $text
            : RepCsv::withHeads($text, $this->columnsOf(RepCsv::COLUMNS));
    }

    /** Where a file waits until it is said what its columns hold. */
    public static function pathOf(School $school, string $token): string
    {
        return "reps/{$school->id}/{$token}.kept";
    }
}
