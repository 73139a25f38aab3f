<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Auth\BeginningInvitation;
use App\Auth\BenchTablet;
use App\Auth\SessionEnd;
use App\Auth\SignInThrottle;
use App\Http\Requests\SignInRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class SessionController
{
    public function create(Request $request, BeginningInvitation $invitation): View|RedirectResponse
    {
        if ($request->query('by') !== 'email' && BenchTablet::of($request) !== null) {
            return redirect()->route('tablet');
        }

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
        // Somebody else records next.
        $page = BenchTablet::isSignedIn($request) ? 'tablet' : 'sign-in';
        SessionEnd::of($request);

        return redirect()->route($page)->with('status', __('messages.signed-out'));
    }
}
