<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\UploadedFile;
use OpenSpout\Common\Entity\Style\Style;
use OpenSpout\Writer\Common\Creator\WriterEntityFactory;
use ZipArchive;

/** Workbooks whose sheets are written by hand, so that they hold what no library would write. */
final class Workbook
{
    private const SHEET = 'xl/worksheets/sheet1.xml';

    /** Days from 30 December 1899, from which spreadsheets count. */
    private const EPOCH = 25_569;

    /**
     * @param list<list<string|int|float>> $rows  a cell that begins with `date:` is that day, as spreadsheets keep days
     * @param list<string>                 $merge such as A2:A3
     */
    public static function of(array $rows, array $merge = []): UploadedFile
    {
        $lines = '';
        foreach ($rows as $number => $row) {
            $cells = '';
            foreach ($row as $column => $value) {
                $at = chr(65 + $column).($number + 1);
                $cells .= match (true) {
                    is_string($value) && str_starts_with($value, 'date:') => "<c r=\"{$at}\" s=\"1\"><v>"
                        .(intdiv((int) strtotime(substr($value, 5).' UTC'), 86_400) + self::EPOCH)
                        .'</v></c>',
                    is_string($value) => "<c r=\"{$at}\" t=\"inlineStr\"><is><t>"
                        .htmlspecialchars($value, ENT_XML1)
                        .'</t></is></c>',
                    default => "<c r=\"{$at}\"><v>{$value}</v></c>",
                };
            }
            $lines .= '<row r="'.($number + 1)."\">{$cells}</row>";
        }
        $merged = $merge === []
            ? ''
            : '<mergeCells>'
                .implode(
                    '',
                    array_map(static fn (string $cells): string => "<mergeCell ref=\"{$cells}\"/>", $merge),
                )
                .'</mergeCells>';

        return self::packed("<sheetData>{$lines}</sheetData>{$merged}");
    }

    /**
     * One whose sheet holds this, in a workbook that a library has written empty.
     *
     * @param string $before what stands before the sheet itself
     */
    public static function packed(string $content, string $before = ''): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        $writer = WriterEntityFactory::createXLSXWriter();
        $writer->openToFile($path);
        // The second style of the workbook, which `s="1"` names, is that of a day.
        $writer->addRow(
            WriterEntityFactory::createRow([
                WriterEntityFactory::createCell(1, (new Style())->setFormat('yyyy-mm-dd')),
            ]),
        );
        $writer->close();
        $zip = new ZipArchive();
        $zip->open($path);
        preg_match('~<worksheet[^>]*>~', (string) $zip->getFromName(self::SHEET), $opening);
        $zip->addFromString(self::SHEET, "{$before}{$opening[0]}{$content}</worksheet>");
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return UploadedFile::fake()->createWithContent('people.xlsx', $bytes);
    }
}
