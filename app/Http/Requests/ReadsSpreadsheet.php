<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Persistence\Spreadsheet;
use App\Persistence\UnreadableSpreadsheet;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/**
 * A request that may bring a file of lines.
 *
 * @mixin FieldsRequest
 */
trait ReadsSpreadsheet
{
    /** @throws ValidationException when it cannot be read */
    private function textOf(UploadedFile $file): string
    {
        try {
            return Spreadsheet::text($file);
        } catch (UnreadableSpreadsheet $reason) {
            throw ValidationException::withMessages(['file' => $reason->getMessage()]);
        }
    }

    /**
     * Which column holds what, as it was chosen.
     *
     * @param list<string> $fields
     *
     * @return array<string, int|null>
     */
    private function columnsOf(array $fields): array
    {
        $columns = [];
        foreach ($fields as $field) {
            $column = $this->validated("columns.{$field}");
            $columns[$field] = $column === null ? null : (int) $column;
        }

        return $columns;
    }
}
