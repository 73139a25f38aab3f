<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RepsRefused;
use App\View\Drill\RepCsv;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Reps as a file: taken along, and brought in after a look at what it would do. */
final class RepSheetController
{
    private const MAX_KILOBYTES = 8_000;

    public function show(): View
    {
        return view('reps.file', ['sheet' => null, 'token' => null]);
    }

    public function export(Request $request): StreamedResponse
    {
        $school = $request->user()->school;

        return response()->streamDownload(static function () use ($school): void {
            $stream = fopen('php://output', 'wb');
            if ($stream !== false) {
                RepCsv::write($school, $stream);
            }
        }, Str::slug($school->name).'-reps.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** Says of each line what is wrong, and adds nothing. */
    public function check(Request $request): View
    {
        $request->validate(
            ['file' => ['required', 'file', 'max:'.self::MAX_KILOBYTES, 'extensions:csv,txt']],
            ['file.required' => 'Choose a file first.', 'file.uploaded' => 'The file did not arrive whole; files up to 8 MB do.', 'file.extensions' => 'A file of reps ends in .csv.'],
        );
        $text = (string) $request->file('file')?->get();
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }
        $sheet = RepCsv::read($text, $request->user()->school);
        $token = $sheet->wrong === [] && $sheet->new !== [] ? Str::random(40) : null;
        if ($token !== null) {
            Storage::put($this->path($request, $token), $text);
        }

        return view('reps.file', ['sheet' => $sheet, 'token' => $token]);
    }

    public function store(Request $request, string $token): RedirectResponse
    {
        $text = Storage::get($this->path($request, $token));
        if ($text === null) {
            return redirect()->route('reps.file')->with('wrong', 'That file is not here any more. Choose it again.');
        }
        $school = $request->user()->school;
        $sheet = RepCsv::read($text, $school);
        if ($sheet->wrong !== []) {
            return $this->changed();
        }
        try {
            $added = $sheet->store($school, $request->user());
        } catch (RepsRefused) {
            return $this->changed();
        }
        Storage::delete($this->path($request, $token));

        return redirect()->route('reps.file')->with('said', $added.' '.Str::plural('rep', $added).' added; '.$sheet->known.' were here already.');
    }

    private function changed(): RedirectResponse
    {
        return redirect()->route('reps.file')->with('wrong', 'Something has changed since you looked at the file. Look at it again; nothing was added.');
    }

    private function path(Request $request, string $token): string
    {
        return "reps/{$request->user()->school_id}/{$token}.csv";
    }
}
