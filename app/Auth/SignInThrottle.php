<?php

declare(strict_types=1);

namespace App\Auth;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\Repository;

/**
 * How often an account may be tried. Each try is counted before its password is looked at.
 *
 * - A device or an address from which the account signed in before has a count of its own: whoever else tries the
 * account
 *   cannot lock out its owner.
 * - All other addresses share one count, so that twenty of them get hardly more tries than one. An address that has not
 *   failed yet always has its first try.
 * - After some free tries a waiting time begins that doubles with each further one.
 *
 * Nothing here depends on whether the account exists.
 */
final readonly class SignInThrottle
{
    /** Tries without any waiting. */
    public const FREE = 5;

    /** The longest wait, in seconds. */
    public const MAX_WAIT = 900;

    /** Seconds after which wrong tries are forgotten. */
    private const FORGET = 86_400;

    /** Seconds for which an address is known after a sign-in. */
    private const KNOWN = 30 * 86_400;

    /** Seconds for which one request holds the counts of an account. */
    private const LOCK = 10;

    public function __construct(private Repository $cache) {}

    /**
     * Counts a try.
     *
     * @param string|null $device a device that has signed in to this account before
     *
     * @return int seconds to wait, 0 when the password may be looked at; nothing is counted when there is a wait
     */
    public function enter(string $email, string $address, ?string $device): int
    {
        $account = self::account($email);

        return $this->alone($account, function () use ($account, $address, $device): int {
            $bucket = $this->bucket($account, $address, $device);
            [$count, $until] = $this->cache->get($bucket, [0, 0]);
            $isFirst = ! $this->isTrusted($account, $address, $device)
            && ! $this->cache->has($this->failed($account, $address));
            $now = CarbonImmutable::now()->getTimestamp();
            if (! $isFirst && $until > $now) {
                return $until - $now;
            }
            $count++;
            $this->cache->put($bucket, [$count, $now + self::waitAfter($count)], self::FORGET);
            $this->cache->put($this->failed($account, $address), true, self::FORGET);

            return 0;
        });
    }

    /** The try that was counted was right. */
    public function succeed(string $email, string $address, ?string $device): void
    {
        $account = self::account($email);
        $this->alone($account, function () use ($account, $address, $device): void {
            $bucket = $this->bucket($account, $address, $device);
            [$count] = $this->cache->get($bucket, [1, 0]);
            // What others have tried stays counted; a device's own count begins anew.
            if ($this->isTrusted($account, $address, $device) || $count <= 1) {
                $this->cache->forget($bucket);
            } else {
                $this->cache->put(
                    $bucket,
                    [$count - 1, CarbonImmutable::now()->getTimestamp() + self::waitAfter($count - 1)],
                    self::FORGET,
                );
            }
            $this->cache->forget($this->failed($account, $address));
            $this->cache->put($this->known($account, $address), true, self::KNOWN);
        });
    }

    /** Names an account without telling its address, in a length that any store takes. */
    public static function account(string $email): string
    {
        return hash('xxh128', mb_strtolower(trim($email)));
    }

    /** A hash that no password has, of the usual cost: what is looked for in vain takes as long as what is there. */
    public static function hashOfNobody(): string
    {
        return sprintf('$2y$%02d$', config('hashing.bcrypt.rounds')).str_repeat('.', 21).'u'.str_repeat('x', 31);
    }

    private static function waitAfter(int $count): int
    {
        return $count < self::FREE ? 0 : min(self::MAX_WAIT, 2 ** min(20, $count - self::FREE + 1));
    }

    private function isTrusted(string $account, string $address, ?string $device): bool
    {
        return $device !== null || $this->cache->has($this->known($account, $address));
    }

    private function bucket(string $account, string $address, ?string $device): string
    {
        return match (true) {
            $device !== null => "sign-in:device:{$account}:".hash('xxh128', $device),
            $this->cache->has($this->known($account, $address)) => "sign-in:address:{$account}:"
                .hash('xxh128', $address),
            default => "sign-in:others:{$account}",
        };
    }

    private function known(string $account, string $address): string
    {
        return "sign-in:known:{$account}:".hash('xxh128', $address);
    }

    private function failed(string $account, string $address): string
    {
        return "sign-in:failed:{$account}:".hash('xxh128', $address);
    }

    /**
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    private function alone(string $account, callable $work): mixed
    {
        $store = $this->cache->getStore();
        assert($store instanceof LockProvider);

        return $store->lock("sign-in:lock:{$account}", self::LOCK)->block(self::LOCK, $work);
    }
}
