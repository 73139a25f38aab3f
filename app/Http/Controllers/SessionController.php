<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Auth\BeginningInvitation;
use App\Auth\SignInThrottle;
use App\Http\Requests\SignInRequest;
use App\View\Drill\MatKey;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SessionController
{
    public function create(BeginningInvitation $invitation): View
    {
        return view('session.create', ['mayBegin' => $invitation->isOpen()]);
    }

    public function store(SignInRequest $request, SignInThrottle $throttle): RedirectResponse
    {
        $isIn = $request->authenticate($throttle);
        $request->session()->regenerate();
        if (! $isIn) {
            return redirect()->route('sign-in.code');
        }

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        MatKey::take();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in')->with('status', __('messages.signed-out'));
    }
}
