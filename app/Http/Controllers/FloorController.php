<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Word;
use App\Models\Answer;
use App\View\Pdf;
use App\View\SvgFile;
use App\View\Workbench\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The floor of an answer as it is saved, for other bodies, the other side or another pace. */
final readonly class FloorController
{
    public function __construct(private Workbench $workbench) {}

    public function __invoke(Request $request, Answer $answer): View
    {
        $mistake = Word::in($request, 'mistake');

        return view('workbench.floor', [
            'bench' => $this->workbench->saved($request, $answer, mistake: $mistake),
            'isMistake' => $mistake !== '',
            ...$mistake === '' ? ['saved' => $answer] : [],
        ]);
    }

    /** Beside a mistake, another answer, an earlier version, other bodies, or a starter's way. */
    public function beside(Request $request, Answer $answer): View
    {
        return view('workbench.beside', ['answer' => $answer, 'beside' => $this->workbench->beside($request, $answer)]);
    }

    /** Where to step in a beat. */
    public function field(Request $request, Answer $answer): View
    {
        return view('workbench.field', [
            'field' => $this->workbench->field($request, $answer),
            'svg' => route('answers.field.svg', ['answer' => $answer, ...$request->query()]),
        ]);
    }

    public function fieldSvg(Request $request, Answer $answer): Response
    {
        $field = $this->workbench->field($request, $answer);

        return SvgFile::of(
            view('workbench.field-drawing', [
                'picture' => $field->picture,
                'label' => __('floor.field.label'),
            ])->render(),
            "{$answer->code}-field",
        );
    }

    /** Its steps for one body at a stated scale, to print. */
    public function tape(Request $request, Answer $answer): Response
    {
        return Pdf::response(
            view('workbench.tape', ['tape' => $this->workbench->tape($request, $answer)])->render(),
            "{$answer->code}-tape",
        );
    }

    /** For whom it works: all sizes, and the students. */
    public function bodies(Request $request, Answer $answer): View
    {
        return view('workbench.whom', ['table' => $this->workbench->forWhom($request, $answer)]);
    }
}
