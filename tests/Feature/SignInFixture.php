<?php

declare(strict_types=1);

namespace Tests\Feature;

/** What the tests of SignIn share. */
final class SignInFixture
{
    /** Tries an account from an address; the seconds to wait, or null when the password was looked at. */
    public static function tried(object $test, string $email, string $address, string $password = 'wrong'): ?int
    {
        $test
            ->withServerVariables(['REMOTE_ADDR' => $address])
            ->post('/sign-in', ['email' => $email, 'password' => $password]);
        preg_match('/again in (\d+) second/', session('errors')?->first('email') ?? '', $wait);

        return isset($wait[1]) ? (int) $wait[1] : null;
    }
}
