<?php

declare(strict_types=1);

namespace App\Persistence;

use RuntimeException;

/** A workbook that cannot be read, with what to do about it. */
final class UnreadableSpreadsheet extends RuntimeException
{
    public static function broken(): self
    {
        return new self(__('words.spreadsheet.broken'));
    }

    public static function tooLarge(): self
    {
        return new self(__('words.spreadsheet.too-large'));
    }

    public static function tooLong(int $max): self
    {
        return new self(__('words.spreadsheet.too-long', ['max' => number_format($max)]));
    }
}
