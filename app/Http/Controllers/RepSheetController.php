<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RepFileRequest;
use App\Jobs\ImportReps;
use App\Jobs\Workers;
use App\Models\User;
use App\Persistence\Spreadsheet;
use App\View\Drill\RepCsv;
use Closure;
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
        return view('reps.file', ['sheet' => null, 'token' => null, 'kept' => null]);
    }

    public function export(#[CurrentUser] User $user, string $sheet): StreamedResponse
    {
        return Spreadsheet::download(
            Str::slug($user->school->name).'-reps',
            $sheet,
            static fn (Closure $write) => RepCsv::write($user->school, $write),
        );
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

        $kept = $sheet->refused === [] ? null : $request->validated('kept') ?? Str::random(40);
        if ($kept !== null && $request->hasFile('file')) {
            Storage::put(RepFileRequest::pathOf($user->school, $kept), $text);
        }

        return view('reps.file', [
            'sheet' => $sheet,
            'token' => $token,
            'kept' => $kept,
            'heads' => RepCsv::headsOf($text),
            'columns' => $request->has('columns') ? $request->validated('columns') : RepCsv::guess($text),
        ]);
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
            return new Response(
                view('school.importing', [
                    'title' => __('reps.file.importing'),
                    'help' => __('reps.file.importing-help'),
                    'share' => ImportReps::share($path),
                ])->render(),
                202,
                ['Refresh' => '1'],
            );
        }

        return redirect()
            ->route('reps.file')
            ->with(
                match (true) {
                    isset($done['added']) => [
                        'status' => trans_choice('messages.reps-added', $done['added'], ['known' => $done['known']]),
                    ],
                    $done !== null => ['error' => __('messages.file-changed')],
                    Storage::exists($path) => ['error' => __('messages.reps-failed')],
                    default => ['error' => __('messages.file-gone')],
                },
            );
    }

    private function path(User $user, string $token): string
    {
        return "reps/{$user->school_id}/{$token}.csv";
    }
}
