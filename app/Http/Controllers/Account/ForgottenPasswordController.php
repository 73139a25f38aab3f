<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\Account\ForgottenPasswordRequest;
use App\Http\Requests\Account\NewPasswordRequest;
use App\Http\Word;
use App\Jobs\SendPasswordReset;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A new password for somebody who has forgotten theirs. */
final class ForgottenPasswordController
{
    public function create(): View
    {
        return view('session.forgotten');
    }

    /** Whether there is such an account makes no difference here, in words or in time: a job looks. */
    public function store(ForgottenPasswordRequest $request): RedirectResponse
    {
        SendPasswordReset::dispatch((string) $request->validated('email'));

        return redirect()->route('sign-in')->with('status', __('session.reset-sent'));
    }

    public function edit(Request $request, string $token): View
    {
        return view('session.new-password', ['token' => $token, 'email' => Word::in($request, 'email')]);
    }

    public function update(NewPasswordRequest $request): RedirectResponse
    {
        return $request->reset()
            ? redirect()->route('sign-in')->with('status', __('session.password-set'))
            : back()
                ->withInput($request->only('email'))
                ->withErrors(['email' => __('session.reset-gone')]);
    }
}
