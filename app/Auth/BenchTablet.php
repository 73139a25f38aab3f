<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\Tablet;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Events\Failed;
use Illuminate\Auth\Events\Lockout;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/**
 * The tablet that a request comes from. It is known by an encrypted cookie; who teaches begins to record on it with a
 * PIN, and may then do there what the Mat needs.
 */
final readonly class BenchTablet
{
    private const COOKIE = 'stone_drill_tablet';

    /** Minutes for which a tablet stays paired without being used. */
    private const MINUTES = 400 * 24 * 60;

    /** In the session of whoever records on it: the tablet's id. */
    private const KEY = 'bench-tablet';

    public function __construct(private SignInThrottle $throttle) {}

    /** The tablet that this device is paired as; null on any other device, and once the school has ended it. */
    public static function of(Request $request): ?Tablet
    {
        $kept = $request->cookie(self::COOKIE);

        return is_string($kept)
            ? Tablet::query()->whereNull('expires_at')->where('token', Secret::hash($kept))->first()
            : null;
    }

    /** Whether whoever is signed in here is so by a PIN on a tablet. */
    public static function isSignedIn(Request $request): bool
    {
        return $request->hasSession() && $request->session()->has(self::KEY);
    }

    /** Whether the tablet on which somebody has begun to record is still the school's. */
    public static function isStillPaired(Request $request): bool
    {
        return Tablet::query()
            ->whereKey($request->session()->get(self::KEY))
            ->whereNull('expires_at')
            ->where('school_id', $request->user()?->school_id)
            ->exists();
    }

    /** Makes this device the tablet whose code was typed; false where somebody was faster. */
    public static function pair(Tablet $tablet): bool
    {
        $secret = Secret::make();
        $isDone = Tablet::query()
            ->whereKey($tablet->id)
            ->where('token', $tablet->token)
            ->whereNotNull('expires_at')
            ->update(['token' => Secret::hash($secret), 'expires_at' => null]) === 1;
        if ($isDone) {
            Cookie::queue(self::COOKIE, $secret, self::MINUTES);
            activity()->performedOn($tablet)->event('paired')->log('paired');
        }

        return $isDone;
    }

    /** This device is a tablet no more. */
    public static function leave(): void
    {
        Cookie::queue(Cookie::forget(self::COOKIE));
    }

    /** @return Collection<int, User> who can record on it */
    public static function people(Tablet $tablet): Collection
    {
        return self::whoCan($tablet)->orderBy('name')->get();
    }

    /**
     * Lets somebody record here.
     *
     * @throws ValidationException when the PIN is wrong, or there were too many wrong ones
     */
    public function unlock(Request $request, Tablet $tablet, int $person, string $pin): void
    {
        $user = self::whoCan($tablet)->whereKey($person)->first();
        // The tablet counts as one place, wherever it is: no other address has tries of its own.
        $account = "pin:{$tablet->school_id}:{$person}";
        $place = "tablet:{$tablet->id}";
        $seconds = $this->throttle->enter($account, $place, null);
        if ($seconds > 0) {
            event(new Lockout($request->merge(['email' => $user->email ?? ''])));

            throw ValidationException::withMessages(['pin' => trans_choice('session.wait', $seconds)]);
        }
        if (! Hash::check($pin, $user->pin ?? SignInThrottle::hashOfNobody()) || $user === null) {
            event(new Failed('web', null, ['email' => $user->email ?? '']));

            throw ValidationException::withMessages(['pin' => __('tablets.wrong')]);
        }
        $this->throttle->succeed($account, $place, null);
        Auth::login($user);
        $request->session()->regenerate();
        $request->session()->put(self::KEY, $tablet->id);
        $tablet
            ->newQuery()
            ->whereKey($tablet->id)
            ->update(['seen_at' => CarbonImmutable::now()]);
        activity()->performedOn($tablet)->causedBy($user)->event('unlocked')->log('unlocked');
    }

    /** @return Builder<User> */
    private static function whoCan(Tablet $tablet): Builder
    {
        return User::query()
            ->where('school_id', $tablet->school_id)
            ->teaching()
            ->whereNull('closed_at')
            ->whereNotNull('pin');
    }
}
