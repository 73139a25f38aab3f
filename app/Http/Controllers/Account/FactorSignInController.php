<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Auth\PendingSignIn;
use App\Http\Requests\Account\FactorCodeRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The second half of a sign-in, where an account has a second factor. */
final class FactorSignInController
{
    public function create(Request $request): View|RedirectResponse
    {
        return PendingSignIn::of($request) === null ? redirect()->route('sign-in') : view('session.code');
    }

    public function store(FactorCodeRequest $request, PendingSignIn $pending): RedirectResponse
    {
        return $pending->finish($request, (string) $request->validated('code'))
            ? redirect()->intended('/')
            : redirect()->route('sign-in');
    }
}
