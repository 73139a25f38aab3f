<?php

declare(strict_types=1);

namespace App\Auth;

use App\View\Drill\MatKey;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Ends a session on this device, and takes with it what the Mat has sealed there. */
final readonly class SessionEnd
{
    public static function of(Request $request): void
    {
        // A tablet that is handed on says nothing about where else they stay signed in.
        BenchTablet::isSignedIn($request) ? Auth::logoutCurrentDevice() : Auth::logout();
        MatKey::take();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }
}
