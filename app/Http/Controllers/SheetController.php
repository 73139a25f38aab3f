<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Answer;
use App\View\Floor\Palette;
use App\View\Workbench\Paper;
use App\View\Workbench\PrintSheet;
use App\View\Workbench\Workbench;
use Dompdf\Dompdf;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** An answer to take along: one page, as a print and as a PDF, and its floor as a drawing. */
final readonly class SheetController
{
    public function __construct(private Workbench $workbench) {}

    public function show(Request $request, Answer $answer): View
    {
        return view('sheet.show', ['sheet' => $this->sheet($request, $answer)]);
    }

    public function pdf(Request $request, Answer $answer): Response
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

        return new Response((string) $pdf->output(), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => sprintf('inline; filename="%s.pdf"', $answer->code)]);
    }

    public function svg(Request $request, Answer $answer): Response
    {
        $bench = $this->workbench->saved($request, $answer);
        $beat = is_string($request->query('beat')) ? $request->query('beat') : $bench->examination->trial->run->end()->number;
        abort_if($beat !== '0' && $bench->examination->trial->run->frame($beat) === null, 404);
        $svg = view('workbench.drawing', ['picture' => $bench->picture->only($beat), 'label' => __('floor.drawing-title', ['answer' => $answer->title, 'beat' => $beat])])->render();

        return new Response('<?xml version="1.0" encoding="UTF-8"?>'."\n".$svg, 200, ['Content-Type' => 'image/svg+xml', 'Content-Disposition' => sprintf('attachment; filename="%s-beat-%s.svg"', $answer->code, $beat)]);
    }

    private function sheet(Request $request, Answer $answer): PrintSheet
    {
        $paper = Paper::tryFrom(is_string($request->query('paper')) ? $request->query('paper') : '') ?? Paper::A4;

        return new PrintSheet($answer, $this->workbench->saved($request, $answer, Palette::Paper), $this->workbench->facts($answer), $paper);
    }
}
