<?php

declare(strict_types=1);

namespace App\Persistence;

use Closure;
use DateTimeInterface;
use Illuminate\Http\UploadedFile;
use OpenSpout\Common\Exception\SpoutException;
use OpenSpout\Reader\Common\Creator\ReaderEntityFactory;
use OpenSpout\Writer\Common\Creator\WriterEntityFactory;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Throwable;
use ZipArchive;

/**
 * Lines of cells as people have them: comma-separated values, or a workbook of a spreadsheet (XLSX), of which the first
 * sheet counts.
 */
final readonly class Spreadsheet
{
    /** Ways in which lines are given. */
    public const FORMATS = ['csv', 'xlsx'];

    /** Bytes of a workbook, unpacked. */
    private const MAX_BYTES = 100_000_000;

    private const MAX_LINES = 60_000;

    private const MAX_CELLS = 200;

    /**
     * The text of a file in UTF-8, a workbook as comma-separated values; text in another encoding is taken for what
     * spreadsheets of Windows write.
     *
     * @throws UnreadableSpreadsheet
     */
    public static function text(UploadedFile $file): string
    {
        $text = (string) $file->get();
        if (str_starts_with($text, "PK\x03\x04")) {
            return self::workbook((string) $file->getRealPath());
        }
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;

        return mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
    }

    /**
     * Gives lines as a file.
     *
     * @param string                                    $name  without ending
     * @param Closure(Closure(list<string>): void): void $lines gives each line to what it is called with
     */
    public static function download(string $name, string $format, Closure $lines): StreamedResponse
    {
        return $format === 'xlsx'
            ? response()->streamDownload(static fn () => self::writeWorkbook($lines), "{$name}.xlsx", [
                'Content-Type' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
            ])
            : response()->streamDownload(static fn () => self::writeText($lines), "{$name}.csv", [
                'Content-Type' => 'text/csv; charset=utf-8',
            ]);
    }

    /** @param Closure(Closure(list<string>): void): void $lines */
    private static function writeText(Closure $lines): void
    {
        $stream = fopen('php://output', 'wb');
        if ($stream !== false) {
            $lines(static fn (array $line) => Csv::line($stream, $line));
        }
    }

    /** @param Closure(Closure(list<string>): void): void $lines */
    private static function writeWorkbook(Closure $lines): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'drill');
        try {
            $writer = WriterEntityFactory::createXLSXWriter();
            $writer->openToFile($path);
            $lines(static function (array $line) use ($writer): void {
                $writer->addRow(WriterEntityFactory::createRowFromArray(array_map(Csv::safe(...), $line)));
            });
            $writer->close();
            readfile($path);
        } finally {
            unlink($path);
        }
    }

    /** @throws UnreadableSpreadsheet */
    private static function workbook(string $path): string
    {
        self::refuseBomb($path);
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        $reader = ReaderEntityFactory::createXLSXReader();
        $reader->setShouldPreserveEmptyRows(true);
        try {
            $reader->open($path);
            foreach ($reader->getSheetIterator() as $sheet) {
                assert($sheet !== null);
                $count = 0;
                foreach ($sheet->getRowIterator() as $row) {
                    if (++$count > self::MAX_LINES) {
                        throw UnreadableSpreadsheet::tooLong(self::MAX_LINES);
                    }
                    $cells = array_map(self::cell(...), array_slice($row->toArray(), 0, self::MAX_CELLS));
                    $width ??= count($cells);
                    // Empty cells at the end of a line are not in the file.
                    fputcsv($stream, array_pad($cells, $width, ''), escape: '');
                }
                break;
            }
        } catch (UnreadableSpreadsheet $refused) {
            throw $refused;
        } catch (Throwable $error) {
            // What is in the archive is anybody's: its reader stumbles over some of it in ways of its own.
            $error instanceof SpoutException || report($error);

            throw UnreadableSpreadsheet::broken();
        } finally {
            $reader->close();
        }
        rewind($stream);
        $text = (string) stream_get_contents($stream);

        return mb_check_encoding($text, 'UTF-8') ? $text : throw UnreadableSpreadsheet::broken();
    }

    /** @throws UnreadableSpreadsheet where it says itself that it unpacks to more than anybody has */
    private static function refuseBomb(string $path): void
    {
        $archive = new ZipArchive();
        if ($archive->open($path, ZipArchive::RDONLY) !== true) {
            throw UnreadableSpreadsheet::broken();
        }
        $bytes = 0;
        for ($entry = 0; $entry < $archive->numFiles; $entry++) {
            $bytes += (int) ($archive->statIndex($entry)['size'] ?? 0);
        }
        $archive->close();
        if ($bytes > self::MAX_BYTES) {
            throw UnreadableSpreadsheet::tooLarge();
        }
    }

    private static function cell(mixed $value): string
    {
        return match (true) {
            $value instanceof DateTimeInterface => $value->format(
                $value->format('H:i:s') === '00:00:00' ? 'Y-m-d' : 'Y-m-d\TH:i:s',
            ),
            is_bool($value) => $value ? '1' : '0',
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
