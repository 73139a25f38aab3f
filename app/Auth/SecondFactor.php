<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use StoneDrill\StandIns\Totp\Totp;

/** The second factor of an account: codes by the time from an authenticator, and recovery codes that work once each. */
final readonly class SecondFactor
{
    public const RECOVERY_CODES = 10;

    /** Seconds for which a code that was used is remembered: longer than any code holds. */
    private const USED = 180;

    public function __construct(private Cache $cache) {}

    /** Makes a secret that is not asked for until it is confirmed. */
    public function prepare(User $user): void
    {
        $user->update(['totp_secret' => Totp::newSecret(), 'totp_since' => null]);
    }

    /** What an authenticator reads, as the address that its picture holds. */
    public function address(User $user): string
    {
        $label = rawurlencode(config('app.name').':'.$user->email);

        return "otpauth://totp/{$label}?"
            .http_build_query(
                ['secret' => $user->totp_secret, 'issuer' => config('app.name')],
                encoding_type: PHP_QUERY_RFC3986,
            );
    }

    /**
     * From now on it is asked for at each sign-in.
     *
     * @return list<string>|null the recovery codes, which are not known again; null where the code is wrong
     */
    public function confirm(User $user, string $code): ?array
    {
        if ($user->totp_secret === null || ! $this->isCode($user, $code)) {
            return null;
        }
        $user->update(['totp_since' => CarbonImmutable::now()]);

        return $this->renewRecoveryCodes($user);
    }

    /** @return list<string> */
    public function renewRecoveryCodes(User $user): array
    {
        $codes = array_map(
            static fn (): string => Str::lower(Str::random(5).'-'.Str::random(5)),
            range(1, self::RECOVERY_CODES),
        );
        $user->update(['recovery_codes' => array_map(self::hashOf(...), $codes)]);

        return $codes;
    }

    public function remove(User $user): void
    {
        $user->update(['totp_secret' => null, 'totp_since' => null, 'recovery_codes' => null]);
    }

    /** Whether a code is right: each of either kind once. */
    public function isRight(User $user, string $code): bool
    {
        return $this->isCode($user, $code) || $this->takesRecoveryCode($user, $code);
    }

    private function isCode(User $user, string $code): bool
    {
        $step = Totp::ofSecret((string) $user->totp_secret)->stepOf(
            (string) preg_replace('/\D/', '', $code),
            CarbonImmutable::now()->getTimestamp(),
        );

        return $step !== null && $this->cache->add("totp:{$user->id}:{$step}", true, self::USED);
    }

    private function takesRecoveryCode(User $user, string $code): bool
    {
        return DB::transaction(static function () use ($user, $code): bool {
            $held = User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail();
            $left = array_values(array_diff($held->recovery_codes ?? [], [self::hashOf($code)]));
            if (count($left) === count($held->recovery_codes ?? [])) {
                return false;
            }
            $held->update(['recovery_codes' => $left]);

            return true;
        });
    }

    private static function hashOf(string $code): string
    {
        return hash('sha256', Str::lower(trim($code)));
    }
}
