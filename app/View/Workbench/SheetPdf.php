<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\Models\Answer;
use App\View\Floor\Palette;
use App\View\Pdf;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;

/** An answer on one page to take along. */
final readonly class SheetPdf
{
    public function __construct(private Workbench $workbench) {}

    public function sheet(Request $request, Answer $answer): PrintSheet
    {
        $paper = Paper::tryFrom(is_string($request->query('paper')) ? $request->query('paper') : '') ?? Paper::A4;

        return new PrintSheet(
            $answer,
            // What it is for, its card and its cautions are told of the attack that it was written for.
            $this->workbench->saved(
                $request->duplicate(Arr::except($request->query(), 'against')),
                $answer,
                Palette::Paper,
            ),
            $this->workbench->facts($answer),
            $paper,
        );
    }

    /** As PDF. */
    public function render(Request $request, Answer $answer): string
    {
        $sheet = $this->sheet($request, $answer);

        return Pdf::of(view('sheet.pdf', ['sheet' => $sheet])->render(), $sheet->paper->value);
    }
}
