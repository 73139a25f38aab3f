<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

/**
 * How fast a cell is learned: the chance that the n-th further try is clean is 1 − (1 − p₀) e^(−n/τ), with p₀ the
 * chance before it.
 */
final readonly class Learning
{
    /** Tries after which what is missing has shrunk to a third, where a school has too few of its own. */
    public const TRIES = 6.0;

    /** Tries that a school needs for a figure of its own. */
    public const MIN_TRIES = 200;

    /** Chance that somebody's first try is clean, as long as nothing is known. */
    private const FIRST = 0.5;

    /** Figures that are looked among. */
    private const FROM = 0.5;

    private const TO = 120.0;

    private const STEPS = 100;

    /**
     * @param ?float $error standard error; null where it is the usual figure
     * @param int    $seen  tries that it was fitted to
     */
    public function __construct(public float $tries = self::TRIES, public ?float $error = null, public int $seen = 0) {}

    public function chance(float $before, int $further): float
    {
        return 1 - (1 - $before) * exp(-$further / $this->tries);
    }

    /**
     * The figure by which what was seen is likeliest (maximum likelihood, by golden section), its error from the
     * curvature there.
     *
     * @param list<list<bool>> $sequences whether each try was clean, the first one first, of each student and cell
     */
    public static function fit(array $sequences): self
    {
        $seen = array_sum(array_map(count(...), $sequences));
        if ($seen < self::MIN_TRIES) {
            return new self(seen: $seen);
        }
        $counts = self::counts($sequences);
        [$from, $to] = [log(self::FROM), log(self::TO)];
        $golden = (sqrt(5) - 1) / 2;
        for ($step = 0; $step < self::STEPS; $step++) {
            [$left, $right] = [$to - $golden * ($to - $from), $from + $golden * ($to - $from)];
            [$from, $to] = self::likelihood($counts, exp($left)) > self::likelihood($counts, exp($right))
                ? [$from, $right]
                : [$left, $to];
        }
        $best = exp(($from + $to) / 2);
        $width = 1e-3 * $best;
        $curvature = (self::likelihood($counts, $best + $width)
            - 2 * self::likelihood($counts, $best)
            + self::likelihood($counts, $best - $width))
        / $width ** 2;

        return new self($best, $curvature < 0 ? 1 / sqrt(-$curvature) : null, $seen);
    }

    /**
     * @param list<list<bool>> $sequences
     *
     * @return array<int, array{int, int}> how many n-th tries were clean and not
     */
    private static function counts(array $sequences): array
    {
        $counts = [];
        foreach ($sequences as $sequence) {
            foreach ($sequence as $place => $isClean) {
                $counts[$place + 1] ??= [0, 0];
                $counts[$place + 1][$isClean ? 0 : 1]++;
            }
        }

        return $counts;
    }

    /** @param array<int, array{int, int}> $counts */
    private static function likelihood(array $counts, float $tries): float
    {
        $model = new self($tries);
        $sum = 0.0;
        foreach ($counts as $n => [$clean, $other]) {
            $chance = min(1 - 1e-12, $model->chance(self::FIRST, $n));
            $sum += $clean * log($chance) + $other * log(1 - $chance);
        }

        return $sum;
    }
}
