<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\Models\Answer;
use App\View\Floor\Palette;
use Dompdf\Dompdf;
use Illuminate\Http\Request;

/** An answer on one page to take along. */
final readonly class SheetPdf
{
    public function __construct(private Workbench $workbench) {}

    public function sheet(Request $request, Answer $answer): PrintSheet
    {
        $paper = Paper::tryFrom(is_string($request->query('paper')) ? $request->query('paper') : '') ?? Paper::A4;

        return new PrintSheet($answer, $this->workbench->saved($request, $answer, Palette::Paper), $this->workbench->facts($answer), $paper);
    }

    /** As PDF. */
    public function render(Request $request, Answer $answer): string
    {
        $sheet = $this->sheet($request, $answer);
        $pdf = new Dompdf([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'defaultFont' => 'DejaVu Sans',
            'tempDir' => sys_get_temp_dir(),
            'fontCache' => storage_path('framework/cache'),
        ]);
        $pdf->setPaper($sheet->paper->value);
        $pdf->loadHtml(view('sheet.pdf', ['sheet' => $sheet])->render(), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
