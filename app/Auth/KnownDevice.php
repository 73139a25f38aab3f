<?php

declare(strict_types=1);

namespace App\Auth;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/** Remembers on a device, in an encrypted cookie, which accounts have signed in from it. */
final readonly class KnownDevice
{
    private const COOKIE = 'stone_drill_device';

    private const MINUTES = 180 * 24 * 60;

    private const MAX_ACCOUNTS = 20;

    /** @param list<string> $accounts as {@see SignInThrottle::account()} names them */
    private function __construct(private string $id, private array $accounts) {}

    public static function of(Request $request): self
    {
        $value = $request->cookie(self::COOKIE);
        $kept = is_string($value) ? explode(' ', $value) : [];
        $id = array_shift($kept);

        return new self($id ?? Str::random(40), $kept);
    }

    /** A name for the device where the account has signed in from it, else null. */
    public function idFor(string $email): ?string
    {
        return in_array(SignInThrottle::account($email), $this->accounts, true) ? $this->id : null;
    }

    public function remember(string $email): void
    {
        $accounts = array_slice(
            array_values(array_unique([SignInThrottle::account($email), ...$this->accounts])),
            0,
            self::MAX_ACCOUNTS,
        );
        Cookie::queue(self::COOKIE, implode(' ', [$this->id, ...$accounts]), self::MINUTES);
    }
}
