<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Auth\Sessions;
use App\Http\Requests\Account\EmailRequest;
use App\Http\Requests\Account\PasswordRequest;
use App\Http\Requests\Account\PinRequest;
use App\Http\Word;
use App\Mail\AccountChangedMail;
use App\Mail\EmailChangeMail;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\URL;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** What everybody looks after of their own account: name, email, password, and where they are signed in. */
final readonly class AccountController
{
    /** Minutes for which the link in a mail to a new address holds. */
    private const EMAIL_MINUTES = 60;

    public function __construct(private Sessions $sessions) {}

    public function show(Request $request, #[CurrentUser] User $user): View
    {
        return view('account.show', [
            'user' => $user,
            'sessions' => $this->sessions->of($user, $request->session()->getId()),
        ]);
    }

    public function password(PasswordRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->update(['password' => (string) $request->validated('password')]);
        $this->sessions->endOthers($user, $request->session()->getId());
        activity()->performedOn($user)->event('password')->log('password');
        AccountChangedMail::tell($user, 'password');

        return redirect()->route('account')->with('status', __('account.password-changed'));
    }

    /** What they record with on a bench tablet. */
    public function pin(PinRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $pin = $request->validated('pin');
        $user->update(['pin' => $pin]);
        activity()->performedOn($user)->event('pin')->log('pin');

        return redirect()
            ->route('account')
            ->with('status', __($pin === null ? 'account.pin.removed' : 'account.pin.saved'));
    }

    /** Sends a link to the new address: it is theirs once they have followed it. */
    public function email(EmailRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $email = (string) $request->validated('email');
        $link = URL::temporarySignedRoute(
            'account.email.confirm',
            CarbonImmutable::now()->addMinutes(self::EMAIL_MINUTES),
            ['account' => $user->id, 'from' => $user->email, 'to' => $email],
        );
        try {
            Mail::to($email)->send(new EmailChangeMail($user, $link));
        } catch (TransportExceptionInterface $exception) {
            report($exception);

            return redirect()
                ->route('account')
                ->withInput($request->only('email'))
                ->withErrors(['email' => __('account.mail-failed')], 'email');
        }

        return redirect()->route('account')->with('status', __('account.email-sent', ['email' => $email]));
    }

    public function confirmEmail(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $isTheirs = $request->hasValidSignature()
        && $request->integer('account') === $user->id
        && Word::in($request, 'from') === $user->email;
        if (! $isTheirs) {
            return redirect()->route('account')->with('error', __('account.email-gone'));
        }
        $before = $user->email;
        try {
            DB::transaction(static fn () => $user->update(['email' => Word::in($request, 'to')]));
        } catch (UniqueConstraintViolationException) {
            return redirect()->route('account')->with('error', __('account.email-gone'));
        }
        AccountChangedMail::tell($user, 'email', $before);

        return redirect()->route('account')->with('status', __('account.email-changed', ['email' => $user->email]));
    }

    public function endSession(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $one = Word::in($request, 'session');
        $one === ''
            ? $this->sessions->endOthers($user, $request->session()->getId())
            : $this->sessions->end($user, $one);

        return redirect()->route('account')->with('status', __('account.session-ended'));
    }
}
