<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\SchoolJobs;
use App\Models\User;
use App\Persistence\WindowBook;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What is worked on beside the pages of a school, and what of it has failed. */
final class JobController
{
    public function index(#[CurrentUser] User $user): View
    {
        $jobs = new SchoolJobs($user->school);

        return view('jobs.index', [
            'open' => $jobs->open(),
            'failed' => $jobs->failed(),
            'progress' => WindowBook::progress($user->school),
        ]);
    }

    public function retry(#[CurrentUser] User $user, string $job): RedirectResponse
    {
        abort_unless((new SchoolJobs($user->school))->retry($job), 404);

        return redirect()->route('jobs.index')->with('status', __('jobs.retried'));
    }

    public function destroy(#[CurrentUser] User $user, string $job): RedirectResponse
    {
        abort_unless((new SchoolJobs($user->school))->forget($job), 404);

        return redirect()->route('jobs.index')->with('status', __('jobs.forgotten'));
    }
}
