<?php

declare(strict_types=1);

namespace App\Auth;

use App\View\Drill\MatKey;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Signs out on this device alone, and takes with it what the Mat has sealed there. */
final readonly class SessionEnd
{
    public static function of(Request $request): void
    {
        Auth::logoutCurrentDevice();
        MatKey::take();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }
}
