<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RepFileRequest;
use App\Jobs\ImportReps;
use App\Jobs\Workers;
use App\Models\User;
use App\View\Drill\RepCsv;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
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

    public function store(#[CurrentUser] User $user, string $token): RedirectResponse
    {
        $path = $this->path($user, $token);
        if (Storage::exists($path)) {
            Workers::give(new ImportReps($user->school_id, $user->id, $path));
        }

        return redirect()->route('reps.imported', $token);
    }

    /** What has become of a file that was confirmed. */
    public function imported(#[CurrentUser] User $user, string $token): Response|RedirectResponse
    {
        $path = $this->path($user, $token);
        $done = ImportReps::tellAdded($path);
        if ($done === null && ! ImportReps::tellFailed($path) && Storage::exists($path)) {
            return new Response(view('school.importing', ['title' => __('reps.file.importing'), 'help' => __('reps.file.importing-help')])->render(), 202, ['Refresh' => '1']);
        }

        return redirect()->route('reps.file')->with(match (true) {
            isset($done['added']) => ['status' => trans_choice('messages.reps-added', $done['added'], ['known' => $done['known']])],
            $done !== null => ['error' => __('messages.file-changed')],
            Storage::exists($path) => ['error' => __('messages.reps-failed')],
            default => ['error' => __('messages.file-gone')],
        });
    }

    private function path(User $user, string $token): string
    {
        return "reps/{$user->school_id}/{$token}.csv";
    }
}
