<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Answer;
use App\View\SpokenFor;
use App\View\Workbench\SheetPdf;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;

/** Makes the PDF of an answer, beside the page that asks for it. */
final class MakeSheet implements ShouldBeUnique, ShouldQueue
{
    use Queueable;
    use TellsOfFile;

    public int $timeout = 120;
    public int $uniqueFor = 120;

    /**
     * @param array<string, string> $query what was asked for: sizes, side, pace, spelling, paper
     * @param string                $path  where it is put
     */
    public function __construct(
        public readonly int $answerId,
        public readonly array $query,
        public readonly string $path,
    ) {}

    public function handle(SheetPdf $pdf): void
    {
        $answer = Answer::query()->whereKey($this->answerId)->firstOrFail();
        Storage::put(
            $this->path,
            SpokenFor::during(
                $answer->school,
                fn (): string => $pdf->render(Request::create('/', 'GET', $this->query), $answer),
            ),
        );
    }
}
