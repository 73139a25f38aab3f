<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Proof\ProofRules;

/**
 * The chances of the next try at a rung: that it counts in full, half or not at all. Means of a Dirichlet after what
 * was tried.
 */
final readonly class Chances
{
    private const DAY = 86_400;

    public function __construct(public float $full, public float $half, public float $none) {}

    /**
     * A clean try counts at the rung and above it, half a credit there too, a failed one at the rung and below it; half
     * a credit below the rung is half a failure.
     *
     * @param list<array{int, int, float}> $tries seconds since 1970, rung, credit; the latest that count
     * @param int                          $at    seconds since 1970
     */
    public static function of(array $tries, int $rung, int $at, ProofRules $rules): self
    {
        $counts = self::counts($tries, $rung, $at, $rules);

        return self::read($counts);
    }

    /**
     * The same with tries that are to come: each counts in full with its chance, and else not at all.
     *
     * @param list<array{int, int, float}> $tries   seconds since 1970, rung, credit
     * @param list<array{float, float}>    $further weight of each, and the chance that it is clean
     * @param int                          $at      seconds since 1970
     */
    public static function expected(array $tries, array $further, int $rung, int $at, ProofRules $rules): self
    {
        $counts = self::counts($tries, $rung, $at, $rules);
        foreach ($further as [$weight, $chance]) {
            $counts['full'] += $weight * $chance;
            $counts['none'] += $weight * (1 - $chance);
        }

        return self::read($counts);
    }

    /**
     * @param list<array{int, int, float}> $tries
     *
     * @return array{full: float, half: float, none: float}
     */
    private static function counts(array $tries, int $rung, int $at, ProofRules $rules): array
    {
        $counts = $rules->untried;
        foreach ($tries as [$then, $of, $credit]) {
            $weight = 2 ** (-intdiv(max(0, $at - $then), self::DAY) / $rules->halfLife);
            match (true) {
                $credit === 1.0 && $of >= $rung => ($counts['full'] += $weight),
                $credit > 0.0 && $credit < 1.0 && $of >= $rung => ($counts['half'] += $weight),
                $credit > 0.0 && $credit < 1.0 => ($counts['none'] += $weight / 2),
                $credit === 0.0 && $of <= $rung => ($counts['none'] += $weight),
                default => null,
            };
        }

        return $counts;
    }

    /** @param array{full: float, half: float, none: float} $counts */
    private static function read(array $counts): self
    {
        $sum = array_sum($counts);

        return new self($counts['full'] / $sum, $counts['half'] / $sum, $counts['none'] / $sum);
    }

    /** Of a try that cannot fail. */
    public static function sure(): self
    {
        return new self(1.0, 0.0, 0.0);
    }
}
