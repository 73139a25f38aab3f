<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\WindowBook;
use App\View\Ladder\LadderDrawing;
use App\View\Ladder\LadderPicture;
use App\View\Ladder\LadderSheet;
use App\View\SvgFile;
use Carbon\CarbonImmutable;
use Illuminate\Http\Response;

/** A student's ladder as a drawing to be saved. */
final readonly class LadderSvgController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function __invoke(Student $student): Response
    {
        $now = CarbonImmutable::now();
        $catalogue = $this->mapper->curriculum($student->school);
        $windows = (new WindowBook($student->school, $catalogue))->of([$student->id], $now)[$student->id];
        $ladder = new LadderPicture($catalogue, $this->mapper->student($student), $windows, $now);
        $title = __('students.ladder-of', ['name' => $student->name]);
        $about = __('students.ladder.as-of', [
            'rank' => $student->rank->name,
            'held' => $ladder->held(),
            'all' => count($ladder->rows),
            'rung' => $ladder->goal,
            'day' => school_time($now, 'j M Y'),
        ]);
        $svg = view('students.ladder-drawing', [
            'sheet' => new LadderSheet(new LadderDrawing($ladder)),
            'title' => $title,
            'about' => $about,
        ])->render();

        return SvgFile::of(SvgFile::inked($svg, $title, 'students/ladder-ink.css'), "{$student->code}-ladder");
    }
}
