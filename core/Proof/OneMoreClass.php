<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/**
 * What one more class a week would have kept of what faded. In it everybody would have tried as much as they do on a
 * day on which they train, clean, and what they practise in turn: something else each time until all had its turn. A
 * planning estimate.
 */
final readonly class OneMoreClass
{
    private const DAY = 86_400;

    /** @param float $tries a day of training has, of each person */
    private function __construct(public int $faded, public int $kept, public float $tries) {}

    /**
     * @param array<string, non-empty-list<array{int, int, float}>> $histories tries in order of time, by student and
     *     cell
     * @param array<string, list<?int>>                             $proven    the highest rung held at moments since
     *     $from, the last one now
     * @param ProofRules                                            $rules     with the half-life that is reckoned with
     * @param int                                                   $from      seconds since 1970
     * @param int                                                   $at        seconds since 1970
     */
    public static function of(array $histories, array $proven, ProofRules $rules, int $from, int $at): self
    {
        [$tries, $cells] = self::perDay($histories, $from, $at);
        $faded = $kept = 0;
        foreach ($proven as $whose => $rungs) {
            $now = $rungs[count($rungs) - 1];
            $held = array_filter($rungs, static fn (?int $rung): bool => $rung !== null && $rung > ($now ?? -1));
            if ($held === []) {
                continue;
            }
            $faded++;
            $student = explode("\n", (string) $whose, 2)[0];
            $weeks = (int) max(1, ceil(($cells[$student] ?? 1) / max(1.0, $tries)));
            $kept += self::isKept(
                $histories[$whose],
                $held[array_key_last($held)],
                7 * self::DAY * $weeks,
                $rules,
                $from,
                $at,
            )
                ? 1
                : 0;
        }

        return new self($faded, $kept, $tries);
    }

    /**
     * @param array<string, non-empty-list<array{int, int, float}>> $histories
     *
     * @return array{float, array<string, int>} tries of a person on a day, and how many cells each person tried
     */
    private static function perDay(array $histories, int $from, int $at): array
    {
        $days = $cells = [];
        $count = 0;
        foreach ($histories as $whose => $tries) {
            $student = explode("\n", (string) $whose, 2)[0];
            $own = array_filter($tries, static fn (array $try): bool => $try[0] >= $from && $try[0] <= $at);
            $cells[$student] = ($cells[$student] ?? 0) + ($own === [] ? 0 : 1);
            $count += count($own);
            foreach ($own as $try) {
                $days[$student.' '.intdiv($try[0], self::DAY)] = true;
            }
        }

        return [$days === [] ? 0.0 : $count / count($days), array_filter($cells)];
    }

    /**
     * Whether a rung would be held still with a clean try more every so many seconds, from the beginning on.
     *
     * @param non-empty-list<array{int, int, float}> $tries
     */
    private static function isKept(array $tries, int $rung, int $every, ProofRules $rules, int $from, int $at): bool
    {
        for ($moment = $from + $every; $moment <= $at; $moment += $every) {
            $tries[] = [$moment, $rung, 1.0];
        }
        $known = array_values(array_filter($tries, static fn (array $try): bool => $try[0] <= $at));
        usort($known, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return Evidence::of(array_slice($known, -$rules->window), $rung, $at, $rules)->holds();
    }
}
