<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportCatalogue;
use App\Http\Requests\ImportRequest;
use App\Jobs\ImportFile;
use App\Jobs\Workers;
use App\Models\SetupStep;
use App\Models\User;
use App\Persistence\CatalogueUpload;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use StoneDrill\Core\Exchange\UnreadableCatalogue;

/** Imports a catalogue file: first what it would do, then, once confirmed, all of it or nothing. */
final readonly class ImportController
{
    /** Bytes by which a file without an ending is told. */
    private const BEGINNING = 1000;

    public function __construct(private ImportCatalogue $importer) {}

    public function check(ImportRequest $request, #[CurrentUser] User $user): View
    {
        $file = $request->file('file');
        $ending = CatalogueUpload::ending(
            $file->getClientOriginalName(),
            (string) file_get_contents($file->path(), length: self::BEGINNING),
        );
        try {
            $upload = CatalogueUpload::read($file->path(), $ending);
        } catch (UnreadableCatalogue $exception) {
            return view('school.import', [
                'name' => $file->getClientOriginalName(),
                'problems' => $exception->problems,
            ]);
        }
        $token = Str::random(40);
        $file->storeAs($this->path($user, $token, $ending));

        return view('school.import', [
            'name' => $file->getClientOriginalName(),
            'problems' => [],
            'notices' => $upload->notices(),
            'token' => $token,
            'sections' => $this->importer
                ->rehearse($upload->footage === null ? $upload->file->withFootage([]) : $upload->file, $user->school)
                ->sections(),
        ]);
    }

    public function store(#[CurrentUser] User $user, string $token): Response|RedirectResponse
    {
        foreach (CatalogueUpload::ENDINGS as $ending) {
            $path = $this->path($user, $token, $ending);
            if (Storage::exists($path)) {
                Workers::give(new ImportFile($user->school_id, $user->id, $path, $ending));

                return redirect()->route('import.show', $token);
            }
        }

        return $this->show($user, $token);
    }

    /** What has become of a file that was confirmed. */
    public function show(#[CurrentUser] User $user, string $token): Response|RedirectResponse
    {
        foreach (CatalogueUpload::ENDINGS as $ending) {
            $path = $this->path($user, $token, $ending);
            if (ImportFile::tellDone($path) !== null) {
                $user->school->refresh()->finish(SetupStep::Curriculum);

                return redirect()->route('wall')->with('status', __('messages.imported'));
            }
            if (ImportFile::tellFailed($path)) {
                return redirect()->route('school')->with('error', __('messages.import-failed'));
            }
            if (Storage::exists($path)) {
                return new Response(
                    view('school.importing', [
                        'title' => __('school.import.importing'),
                        'help' => __('school.import.importing-help'),
                        'share' => ImportFile::share($path),
                    ])->render(),
                    202,
                    ['Refresh' => '1'],
                );
            }
        }

        return redirect()->route('school')->with('error', __('messages.file-gone'));
    }

    private function path(User $user, string $token, string $ending): string
    {
        return "imports/{$user->school_id}/{$token}.{$ending}";
    }
}
