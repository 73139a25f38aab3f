<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\AcceptInvitation;
use App\Http\Requests\Account\JoinRequest;
use App\Http\Word;
use App\Models\Invitation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

/** Takes an invitation, by the link of a mail or by the code on a card. */
final class JoinController
{
    public function create(): View
    {
        return view('join.create');
    }

    /** The code of a card, as it was typed. */
    public function find(Request $request): RedirectResponse
    {
        $code = (string) preg_replace('/[^A-Za-z0-9]/', '', Word::in($request, 'code'));
        $invitation = Invitation::byCode($code);

        return $invitation === null
            ? redirect()
                ->route('join.create')
                ->withInput()
                ->withErrors(['code' => __('join.no-such-code')])
            : redirect()->route('join.show', $code);
    }

    public function show(string $code): View|Response
    {
        $invitation = Invitation::byCode($code);

        return $invitation === null ? self::gone() : view('join.show', ['invitation' => $invitation, 'code' => $code]);
    }

    public function store(JoinRequest $request, string $code, AcceptInvitation $action): RedirectResponse|Response
    {
        $invitation = Invitation::byCode($code);
        $user = $invitation === null ? null : $action->accept($invitation, ...$request->account($invitation));
        if ($user === null) {
            return self::gone();
        }
        Auth::login($user);
        $request->session()->regenerate();

        return redirect('/')->with('status', __('join.welcome', ['school' => $user->school->name]));
    }

    private static function gone(): Response
    {
        return response()->view('join.gone', [], 410);
    }
}
