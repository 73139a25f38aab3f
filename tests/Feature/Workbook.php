<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\UploadedFile;
use ZipArchive;

/** Workbooks written part by part, as a spreadsheet would, without the library that reads them. */
final class Workbook
{
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
                    is_string($value) && str_starts_with($value, 'date:') => "<c r=\"{$at}\" s=\"1\"><v>".(intdiv((int) strtotime(substr($value, 5).' UTC'), 86_400) + self::EPOCH).'</v></c>',
                    is_string($value) => "<c r=\"{$at}\" t=\"inlineStr\"><is><t>".htmlspecialchars($value, ENT_XML1).'</t></is></c>',
                    default => "<c r=\"{$at}\"><v>{$value}</v></c>",
                };
            }
            $lines .= '<row r="'.($number + 1)."\">{$cells}</row>";
        }
        $merged = $merge === [] ? '' : '<mergeCells>'.implode('', array_map(static fn (string $cells): string => "<mergeCell ref=\"{$cells}\"/>", $merge)).'</mergeCells>';

        return self::packed("<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><sheetData>{$lines}</sheetData>{$merged}</worksheet>");
    }

    /** One whose sheet is this. */
    public static function packed(string $sheet): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        $main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
        $office = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $package = 'http://schemas.openxmlformats.org/package/2006';
        $zip->addFromString('[Content_Types].xml', "<Types xmlns=\"{$package}/content-types\"><Default Extension=\"xml\" ContentType=\"application/xml\"/></Types>");
        $zip->addFromString('_rels/.rels', "<Relationships xmlns=\"{$package}/relationships\"><Relationship Id=\"rId1\" Type=\"{$office}/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>");
        $zip->addFromString('xl/workbook.xml', "<workbook xmlns=\"{$main}\" xmlns:r=\"{$office}\"><sheets><sheet name=\"People\" sheetId=\"1\" r:id=\"rId1\"/></sheets></workbook>");
        $zip->addFromString('xl/_rels/workbook.xml.rels', "<Relationships xmlns=\"{$package}/relationships\"><Relationship Id=\"rId1\" Type=\"{$office}/worksheet\" Target=\"worksheets/sheet1.xml\"/><Relationship Id=\"rId2\" Type=\"{$office}/styles\" Target=\"styles.xml\"/></Relationships>");
        $zip->addFromString('xl/styles.xml', "<styleSheet xmlns=\"{$main}\"><cellXfs count=\"2\"><xf numFmtId=\"0\"/><xf numFmtId=\"14\" applyNumberFormat=\"1\"/></cellXfs></styleSheet>");
        $zip->addFromString('xl/worksheets/sheet1.xml', $sheet);
        $zip->close();
        $content = (string) file_get_contents($path);
        unlink($path);

        return UploadedFile::fake()->createWithContent('people.xlsx', $content);
    }
}
