<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportCatalogue;
use App\Http\Requests\ImportRequest;
use App\Jobs\ImportFile;
use App\Jobs\Workers;
use App\Models\SetupStep;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\UnreadableCatalogue;

/** Imports a catalogue file: first what it would do, then, once confirmed, all of it or nothing. */
final readonly class ImportController
{
    public function __construct(private ImportCatalogue $importer) {}

    public function check(ImportRequest $request, #[CurrentUser] User $user): View
    {
        $file = $request->file('file');
        $text = (string) $file->get();
        $format = Format::of($file->getClientOriginalName(), $text);
        try {
            $catalogue = (new CatalogueReader())->read($text, $format);
        } catch (UnreadableCatalogue $exception) {
            return view('school.import', ['name' => $file->getClientOriginalName(), 'problems' => $exception->problems]);
        }
        $token = Str::random(40);
        Storage::put($this->path($user, $token, $format), $text);

        return view('school.import', [
            'name' => $file->getClientOriginalName(),
            'problems' => [],
            'notices' => $catalogue->notices,
            'token' => $token,
            'sections' => $this->importer->rehearse($catalogue, $user->school)->sections(),
        ]);
    }

    public function store(#[CurrentUser] User $user, string $token): Response|RedirectResponse
    {
        foreach (Format::cases() as $format) {
            $path = $this->path($user, $token, $format);
            if (Storage::exists($path)) {
                Workers::give(new ImportFile($user->school_id, $user->id, $path, $format));

                return redirect()->route('import.show', $token);
            }
        }

        return $this->show($user, $token);
    }

    /** What has become of a file that was confirmed. */
    public function show(#[CurrentUser] User $user, string $token): Response|RedirectResponse
    {
        foreach (Format::cases() as $format) {
            $path = $this->path($user, $token, $format);
            if (ImportFile::tellDone($path) !== null) {
                $user->school->refresh()->finish(SetupStep::Curriculum);

                return redirect()->route('wall')->with('status', __('messages.imported'));
            }
            if (ImportFile::tellFailed($path)) {
                return redirect()->route('school')->with('error', __('messages.import-failed'));
            }
            if (Storage::exists($path)) {
                return new Response(view('school.importing', ['title' => __('school.import.importing'), 'help' => __('school.import.importing-help')])->render(), 202, ['Refresh' => '1']);
            }
        }

        return redirect()->route('school')->with('error', __('messages.file-gone'));
    }

    private function path(User $user, string $token, Format $format): string
    {
        return "imports/{$user->school_id}/{$token}.{$format->value}";
    }
}
