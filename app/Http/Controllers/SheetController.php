<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\MakeSheet;
use App\Jobs\Workers;
use App\Models\Answer;
use App\Persistence\Revision;
use App\View\SvgFile;
use App\View\Workbench\SheetPdf;
use App\View\Workbench\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use StoneDrill\Core\Rules;

/** An answer to take along: one page, as a print and as a PDF, and its floor as a drawing. */
final readonly class SheetController
{
    /** What a sheet depends on, besides the answer. */
    private const ASKED = ['defender', 'attacker', 'side', 'rung', 'style', 'paper'];

    public function __construct(private Workbench $workbench, private SheetPdf $pdf) {}

    public function show(Request $request, Answer $answer): View
    {
        return view('sheet.show', ['sheet' => $this->pdf->sheet($request, $answer)]);
    }

    /** The PDF; a page that waits for it while a job makes it. */
    public function pdf(Request $request, Answer $answer): Response
    {
        $query = array_filter($request->only(self::ASKED), is_string(...));
        ksort($query);
        $content = hash('xxh128', Rules::VERSION.Revision::ofCurriculum($answer->school).serialize($query));
        $path = "sheets/{$answer->school_id}/{$answer->id}-{$content}.pdf";
        if (MakeSheet::tellFailed($path)) {
            return new Response(view('sheet.waiting', ['answer' => $answer, 'hasFailed' => true])->render(), 503);
        }
        if (! Storage::exists($path)) {
            Workers::give(new MakeSheet($answer->id, $query, $path));
        }
        if (! Storage::exists($path)) {
            return new Response(view('sheet.waiting', ['answer' => $answer, 'hasFailed' => false])->render(), 202, [
                'Refresh' => '1',
            ]);
        }

        return new Response((string) Storage::get($path), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="%s.pdf"', $answer->code),
        ]);
    }

    public function svg(Request $request, Answer $answer): Response
    {
        $bench = $this->workbench->saved($request, $answer);
        $beat = is_string($request->query('beat'))
            ? $request->query('beat')
            : $bench->examination->trial->run->end()->number;
        abort_if($beat !== '0' && $bench->examination->trial->run->frame($beat) === null, 404);
        $view = $request->query('view');
        $label = __('floor.drawing-title', ['answer' => $answer->title, 'beat' => $beat]);
        $svg = match ($view) {
            'side' => view('workbench.side', ['picture' => $bench->side->only($beat), 'label' => $label]),
            'score' => view('workbench.score', ['picture' => $bench->score, 'label' => __('floor.score.label')]),
            default => view('workbench.drawing', ['picture' => $bench->picture->only($beat), 'label' => $label]),
        };
        $name = in_array($view, ['side', 'score'], true)
            ? "{$answer->code}-{$view}-{$beat}"
            : "{$answer->code}-beat-{$beat}";

        return SvgFile::of($svg->render(), $name);
    }
}
