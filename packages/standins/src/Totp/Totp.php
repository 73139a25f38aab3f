<?php

declare(strict_types=1);

namespace StoneDrill\StandIns\Totp;

use InvalidArgumentException;

/** One-time codes by the time, as RFC 6238 has them over RFC 4226: HMAC-SHA-1, a step of thirty seconds. */
final readonly class Totp
{
    private const STEP = 30;

    /** The alphabet of RFC 4648, base 32. */
    private const BASE_32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @param string $key the secret, as bytes */
    public function __construct(private string $key, private int $digits = 6) {}

    /** @throws InvalidArgumentException when it is no base 32 */
    public static function ofSecret(string $secret): self
    {
        $signs = strtoupper(str_replace([' ', '='], '', $secret));
        if ($signs === '' || strspn($signs, self::BASE_32) < strlen($signs)) {
            throw new InvalidArgumentException('A secret is written in base 32.');
        }
        $bits = implode(
            '',
            array_map(
                static fn (string $sign): string => sprintf('%05b', strpos(self::BASE_32, $sign)),
                str_split($signs),
            ),
        );

        return new self(
            implode(
                '',
                array_map(
                    static fn (string $byte): string => chr((int) bindec($byte)),
                    array_filter(str_split($bits, 8), static fn (string $byte): bool => strlen($byte) === 8),
                ),
            ),
        );
    }

    /** A new secret of 160 bits, in base 32. */
    public static function newSecret(): string
    {
        $secret = '';
        for ($sign = 0; $sign < 32; $sign++) {
            $secret .= self::BASE_32[random_int(0, 31)];
        }

        return $secret;
    }

    public static function stepAt(int $timestamp): int
    {
        return intdiv($timestamp, self::STEP);
    }

    public function codeAt(int $timestamp): string
    {
        return $this->code(self::stepAt($timestamp));
    }

    /**
     * @return ?int the step that a code belongs to: this one, or one to either side for clocks that differ; null for
     *     none
     */
    public function stepOf(string $code, int $timestamp): ?int
    {
        $now = self::stepAt($timestamp);
        foreach ([$now, $now - 1, $now + 1] as $step) {
            if (hash_equals($this->code($step), $code)) {
                return $step;
            }
        }

        return null;
    }

    private function code(int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->key, true);
        $offset = ord($hash[19]) & 0xf;
        $number = (int) (unpack('N', $hash, $offset)[1] ?? 0) & 0x7fffffff;

        return str_pad((string) ($number % 10 ** $this->digits), $this->digits, '0', STR_PAD_LEFT);
    }
}
