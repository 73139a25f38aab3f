<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Auth\Secret;
use App\Models\User;
use App\View\Classes\ClassCalendar;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/**
 * The calendar of somebody's classes: an address that a calendar program asks again and again, which nobody guesses.
 */
final class CalendarController
{
    /** Asked by programs, without a session. */
    public function feed(string $token): Response
    {
        $user = User::query()->where('calendar', Secret::hash($token))->whereNull('closed_at')->first();
        abort_if($user === null, 404);

        return response(ClassCalendar::of($user, CarbonImmutable::now())->serialize(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, max-age=900',
        ]);
    }

    /** A new address; the one before leads nowhere any more. It is shown this once. */
    public function store(#[CurrentUser] User $user): View
    {
        $token = Secret::make();
        $user->update(['calendar' => Secret::hash($token)]);

        activity()->performedOn($user)->event('calendar')->log('calendar');

        return view('account.calendar', ['address' => route('calendar', $token)]);
    }

    public function destroy(#[CurrentUser] User $user): RedirectResponse
    {
        $user->update(['calendar' => null]);
        activity()->performedOn($user)->event('calendar-gone')->log('calendar-gone');

        return redirect()->route('account')->with('status', __('classes.calendar.ended'));
    }
}
