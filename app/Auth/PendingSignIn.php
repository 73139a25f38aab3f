<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Events\Failed;
use Illuminate\Auth\Events\Lockout;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/** A sign-in whose password was right, and that waits for the second factor. */
final readonly class PendingSignIn
{
    private const KEY = 'pending-sign-in';

    /** Seconds for which it waits. */
    private const SECONDS = 300;

    public function __construct(private SecondFactor $factor, private SignInThrottle $throttle) {}

    public static function begin(Request $request, User $user, bool $isRemembered): void
    {
        $request
            ->session()
            ->put(self::KEY, [
                'user' => $user->id,
                'remember' => $isRemembered,
                'until' => CarbonImmutable::now()->addSeconds(self::SECONDS)->getTimestamp(),
            ]);
    }

    /** @return array{user: int, remember: bool, until: int}|null */
    public static function of(Request $request): ?array
    {
        /** @var array{user: int, remember: bool, until: int}|null $pending as {@see begin()} keeps it */
        $pending = $request->session()->get(self::KEY);

        return $pending !== null && $pending['until'] > CarbonImmutable::now()->getTimestamp() ? $pending : null;
    }

    /**
     * @throws ValidationException when the code is wrong, or there were too many
     * @return bool false where nothing waits any more
     */
    public function finish(Request $request, string $code): bool
    {
        $pending = self::of($request);
        $user = $pending === null
            ? null
            : User::query()
                ->whereKey($pending['user'])
                ->whereNull('closed_at')
                ->whereNotNull('totp_since')
                ->first();
        if ($pending === null || $user === null) {
            return false;
        }
        // Counted beside the passwords, by the account and from where it is tried.
        $account = "second-factor:{$user->email}";
        $device = KnownDevice::of($request);
        $seconds = $this->throttle->enter($account, (string) $request->ip(), $device->idFor($user->email));
        if ($seconds > 0) {
            event(new Lockout($request->merge(['email' => $user->email])));

            throw ValidationException::withMessages(['code' => trans_choice('session.wait', $seconds)]);
        }
        if (! $this->factor->isRight($user, $code)) {
            event(new Failed('web', null, ['email' => $user->email]));

            throw ValidationException::withMessages(['code' => __('account.factor.wrong')]);
        }
        $this->throttle->succeed($account, (string) $request->ip(), $device->idFor($user->email));
        $device->remember($user->email);
        $request->session()->forget(self::KEY);
        Auth::login($user, $pending['remember']);
        $request->session()->regenerate();

        return true;
    }
}
