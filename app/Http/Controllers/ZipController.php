<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\MakeZip;
use App\Jobs\Workers;
use App\Models\User;
use App\Persistence\Revision;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything the school holds, with its pictures and clips: a zip that a job makes, and a page that waits for it. */
final readonly class ZipController
{
    public function __invoke(#[CurrentUser] User $user): Response|RedirectResponse|BinaryFileResponse
    {
        $school = $user->school;
        $path = "exports/{$school->id}/".Revision::ofEverything($school).'.zip';
        if (MakeZip::tellFailed($path)) {
            return redirect()->route('school')->with('error', __('messages.zip-failed'));
        }
        if (! Storage::exists($path)) {
            Workers::give(new MakeZip($school->id, $path));
        }
        if (! Storage::exists($path)) {
            return new Response(
                view('school.importing', [
                    'title' => __('school.file.packing'),
                    'help' => __('school.file.packing-help'),
                    'share' => MakeZip::share($path),
                ])->render(),
                202,
                ['Refresh' => '1'],
            );
        }

        return response()->download(Storage::path($path), Str::slug($school->name).'.zip');
    }
}
