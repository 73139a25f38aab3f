<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RepsRefused;
use App\Http\Requests\RepFileRequest;
use App\Models\User;
use App\View\Drill\RepCsv;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Reps as a file: taken along, and brought in after a look at what it would do. */
final class RepSheetController
{
    public function show(): View
    {
        return view('reps.file', ['sheet' => null, 'token' => null]);
    }

    public function export(#[CurrentUser] User $user): StreamedResponse
    {
        $school = $user->school;

        return response()->streamDownload(static function () use ($school): void {
            $stream = fopen('php://output', 'wb');
            if ($stream !== false) {
                RepCsv::write($school, $stream);
            }
        }, Str::slug($school->name).'-reps.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** Says what is wrong with each line, and adds nothing. */
    public function check(RepFileRequest $request, #[CurrentUser] User $user): View
    {
        $text = $request->text();
        $sheet = RepCsv::read($text, $user->school);
        $token = $sheet->refused === [] && $sheet->new !== [] ? Str::random(40) : null;
        if ($token !== null) {
            Storage::put($this->path($user, $token), $text);
        }

        return view('reps.file', ['sheet' => $sheet, 'token' => $token]);
    }

    public function store(Request $request, #[CurrentUser] User $user, string $token): RedirectResponse
    {
        $text = Storage::get($this->path($user, $token));
        if ($text === null) {
            return redirect()->route('reps.file')->with('error', __('messages.file-gone'));
        }
        $school = $user->school;
        $sheet = RepCsv::read($text, $school);
        if ($sheet->refused !== []) {
            return $this->changed();
        }
        try {
            $added = $sheet->store($school, $user);
        } catch (RepsRefused) {
            return $this->changed();
        }
        Storage::delete($this->path($user, $token));

        return redirect()->route('reps.file')->with('status', trans_choice('messages.reps-added', $added, ['known' => $sheet->known]));
    }

    private function changed(): RedirectResponse
    {
        return redirect()->route('reps.file')->with('error', __('messages.file-changed'));
    }

    private function path(User $user, string $token): string
    {
        return "reps/{$user->school_id}/{$token}.csv";
    }
}
