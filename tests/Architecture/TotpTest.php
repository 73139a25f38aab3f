<?php

declare(strict_types=1);

use StoneDrill\StandIns\Totp\Totp;

// RFC 6238, appendix B, SHA-1: the secret is twenty digits, the codes have eight.
it('makes the codes that the standard publishes', function (int $time, string $code): void {
    expect((new Totp('12345678901234567890', 8))->codeAt($time))->toBe($code);
})->with([
    [59, '94287082'], [1111111109, '07081804'], [1111111111, '14050471'], [1234567890, '89005924'],
    [2000000000, '69279037'], [20000000000, '65353130'],
]);

it('reads a secret in base 32, with spaces and in small letters too', function (): void {
    // The same twenty digits, after RFC 4648.
    foreach (['GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', 'gezd gnbv gy3t qojq gezd gnbv gy3t qojq'] as $secret) {
        expect(Totp::ofSecret($secret)->codeAt(59))->toBe('287082');
    }
    expect(Totp::newSecret())->toMatch('/^[A-Z2-7]{32}$/')->not->toBe(Totp::newSecret());
});

it('takes a code of the step before and after, and none of another', function (): void {
    $totp = Totp::ofSecret('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ');

    expect(
        array_map(static fn (int $late): ?int => $totp->stepOf($totp->codeAt(1_000_000), 1_000_000 + $late), [
            -60,
            -30,
            0,
            30,
            60,
        ]),
    )
        ->toBe([null, 33333, 33333, 33333, null])
        ->and($totp->stepOf('', 59))->toBeNull();
});

it('refuses what is no base 32', function (string $secret): void {
    Totp::ofSecret($secret);
})
    ->with(['', '0189', 'ABC!'])
    ->throws(InvalidArgumentException::class);
