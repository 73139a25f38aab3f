<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/**
 * How long it takes to react, fitted to tries that were timed: seconds beyond those of the answer's beats are a where
 * the moment is not told, and b more for each bit of choice where the attack is not told. Least squares; each with its
 * standard error.
 */
final readonly class ReactionFit
{
    /** Fewer timed tries than this say nothing. */
    private const LEAST = 8;

    private function __construct(
        public float $base,
        public float $perBit,
        public float $baseError,
        public float $perBitError,
        public int $count,
    ) {}

    /**
     * Null where they are too few, or do not tell the two apart.
     *
     * @param list<array{float, float, float}> $tries 1 where the moment was not told and 0 where it was, bits of
     *     choice, seconds beyond the beats
     */
    public static function of(array $tries): ?self
    {
        [$aa, $ab, $bb, $ay, $by] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($tries as [$a, $b, $seconds]) {
            [$aa, $ab, $bb, $ay, $by] = [
                $aa + $a * $a,
                $ab + $a * $b,
                $bb + $b * $b,
                $ay + $a * $seconds,
                $by + $b * $seconds,
            ];
        }
        $apart = $aa * $bb - $ab ** 2;
        if (count($tries) < self::LEAST || $apart <= 1e-9 * max(1.0, $aa * $bb)) {
            return null;
        }
        [$base, $perBit] = [($ay * $bb - $by * $ab) / $apart, ($by * $aa - $ay * $ab) / $apart];
        $rest = array_sum(
            array_map(
                static fn (array $try): float => ($try[2] - $base * $try[0] - $perBit * $try[1]) ** 2,
                $tries,
            ),
        )
        / (count($tries) - 2);

        return new self($base, $perBit, sqrt(($rest * $bb) / $apart), sqrt(($rest * $aa) / $apart), count($tries));
    }
}
