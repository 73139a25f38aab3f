<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\Account\TokenRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Tokens by which programs come in, in the name of a head. */
final class TokenController
{
    public function index(#[CurrentUser] User $user): View
    {
        return view('tokens.index', ['tokens' => $user->tokens()->orderByDesc('id')->get()]);
    }

    public function store(TokenRequest $request, #[CurrentUser] User $user): View
    {
        $token = $user->createToken((string) $request->validated('name'), $request->abilities());
        activity()
            ->performedOn($user)
            ->event('token')
            ->withProperties([
                'attributes' => ['name' => $token->accessToken->name, 'abilities' => $request->abilities()],
            ])
            ->log('token');

        // It is known this once.
        return view('tokens.show', ['token' => $token->plainTextToken, 'name' => $token->accessToken->name]);
    }

    public function destroy(#[CurrentUser] User $user, int $access): RedirectResponse
    {
        $user->tokens()->whereKey($access)->firstOrFail()->delete();
        activity()->performedOn($user)->event('token-gone')->log('token-gone');

        return redirect()->route('tokens.index')->with('status', __('tokens.revoked'));
    }
}
