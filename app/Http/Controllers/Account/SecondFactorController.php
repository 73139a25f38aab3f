<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Auth\SecondFactor;
use App\Http\Requests\Account\ConfirmPasswordRequest;
use App\Http\Requests\Account\FactorCodeRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The second factor of one’s own account. */
final readonly class SecondFactorController
{
    public function __construct(private SecondFactor $factor) {}

    /** Begins: shows what the authenticator reads. It is asked for only once a code was right. */
    public function store(ConfirmPasswordRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $this->factor->prepare($user);

        return redirect()->route('factor.show');
    }

    public function show(#[CurrentUser] User $user): View|RedirectResponse
    {
        return $user->totp_secret === null || $user->totp_since !== null
            ? redirect()->route('account')
            : view('account.factor', ['address' => $this->factor->address($user), 'secret' => $user->totp_secret]);
    }

    public function update(FactorCodeRequest $request, #[CurrentUser] User $user): RedirectResponse|View
    {
        $codes = $this->factor->confirm($user, (string) $request->validated('code'));

        return $codes === null
            ? redirect()
                ->route('factor.show')
                ->withErrors(['code' => __('account.factor.wrong')])
            : view('account.recovery-codes', ['codes' => $codes]);
    }

    /** New recovery codes; the old ones work no longer. */
    public function renew(ConfirmPasswordRequest $request, #[CurrentUser] User $user): View
    {
        return view('account.recovery-codes', ['codes' => $this->factor->renewRecoveryCodes($user)]);
    }

    public function destroy(ConfirmPasswordRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $this->factor->remove($user);

        return redirect()->route('account')->with('status', __('account.factor.removed'));
    }
}
