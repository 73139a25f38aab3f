<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DomainException;

/**
 * The beta distribution, which is what is known of a chance of success after a weight of successes and failures.
 */
final readonly class BetaDistribution
{
    /** Relative change at which the continued fraction is taken to stand. */
    private const SETTLED = 1e-15;

    /** Steps after which every other one halves what is left: two or three are usual. */
    private const STEPS = 8;

    /** Lanczos' coefficients for g = 7, n = 9 (Godfrey 2001), good to 15 digits. */
    private const LANCZOS = [
        0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
        12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
    ];

    /** Logarithm of the factor before the continued fraction: Γ(α + β) ÷ (Γ(α) Γ(β)). */
    private float $logFactor;

    /**
     * @param float $alpha weight of successes, above 0
     * @param float $beta  weight of failures, above 0
     *
     * @throws DomainException when either is not above 0
     */
    public function __construct(private float $alpha, private float $beta)
    {
        if ($alpha <= 0 || $beta <= 0) {
            throw new DomainException('A beta distribution needs two weights above 0.');
        }
        $this->logFactor = self::logGamma($alpha + $beta) - self::logGamma($alpha) - self::logGamma($beta);
    }

    /**
     * The chance that the value is at most x: the regularized incomplete beta function I_x(α, β), by its continued
     * fraction (Abramowitz & Stegun 26.5.8) on the side on which it settles fast.
     */
    public function cdf(float $x): float
    {
        return $x <= 0 || $x >= 1 ? (float) ($x >= 1) : $this->below($x, $this->front($x));
    }

    /**
     * The value that is not exceeded with chance p, to 1e-12: Halley's steps on the distribution from a good guess,
     * kept inside a bracket that halves whenever a step would leave it, or many have led to nothing.
     *
     * @param float $p from 0 to 1
     */
    public function quantile(float $p): float
    {
        if ($p <= 0 || $p >= 1) {
            return (float) ($p >= 1);
        }
        [$low, $high] = [0.0, 1.0];
        $x = $this->guess($p);
        for ($round = 0; $round < 200 && $high - $low > 1e-14; $round++) {
            $front = $this->front($x);
            $excess = $this->below($x, $front) - $p;
            if ($excess === 0.0) {
                return $x;
            }
            [$low, $high] = $excess > 0 ? [$low, $x] : [$x, $high];
            // The density is the front ÷ (x (1 − x)); far out it is too small for a number, or for a step that gets
            // anywhere.
            $step = $front > 0.0 ? ($excess * $x * (1 - $x)) / $front : INF;
            $next = $x - $step / (1 - 0.5 * min(1.0, $step * (($this->alpha - 1) / $x - ($this->beta - 1) / (1 - $x))));
            if (! ($next > $low && $next < $high) || ($round >= self::STEPS && $round % 2 === 0)) {
                $x = ($low + $high) / 2;

                continue;
            }
            // Each of Halley's steps triples the digits that are right: after one as small as this nothing is left to
            // do.
            if (abs($step) < 1e-5 * min($x, 1 - $x)) {
                return $next;
            }
            $x = $next;
        }

        return $x;
    }

    /** x^α (1 − x)^β Γ(α + β) ÷ (Γ(α) Γ(β)). */
    private function front(float $x): float
    {
        return exp($this->logFactor + $this->alpha * log($x) + $this->beta * log1p(-$x));
    }

    /** The chance of at most x, which is inside 0 and 1. */
    private function below(float $x, float $front): float
    {
        return $x < ($this->alpha + 1) / ($this->alpha + $this->beta + 2)
            ? ($front * self::fraction($this->alpha, $this->beta, $x)) / $this->alpha
            : 1 - ($front * self::fraction($this->beta, $this->alpha, 1 - $x)) / $this->beta;
    }

    /**
     * Where the quantile is about: where both weights are above 1 from that of the normal distribution (Abramowitz &
     * Stegun 26.5.22 with 26.2.22), else from the power that the nearer end of the distribution follows.
     */
    private function guess(float $p): float
    {
        [$alpha, $beta] = [$this->alpha, $this->beta];
        if ($alpha > 1 && $beta > 1) {
            $t = sqrt(-2 * log(min($p, 1 - $p)));
            $y = ($t - (2.30753 + 0.27061 * $t) / (1 + $t * (0.99229 + 0.04481 * $t))) * ($p < 0.5 ? 1 : -1);
            [$ofAlpha, $ofBeta, $lambda] = [1 / (2 * $alpha - 1), 1 / (2 * $beta - 1), ($y ** 2 - 3) / 6];
            $h = 2 / ($ofAlpha + $ofBeta);
            $x = $alpha
            / ($alpha
                + $beta
                    * exp(
                        2
                            * (($y * sqrt($h + $lambda)) / $h
                                - ($ofBeta - $ofAlpha) * ($lambda + 5 / 6 - 2 / (3 * $h))),
                    ));
        } else {
            $low = ($alpha / ($alpha + $beta)) ** $alpha / $alpha;
            $high = ($beta / ($alpha + $beta)) ** $beta / $beta;
            $x = $p < $low / ($low + $high)
                ? ($alpha * ($low + $high) * $p) ** (1 / $alpha)
                : 1 - ($beta * ($low + $high) * (1 - $p)) ** (1 / $beta);
        }

        return $x > 0 && $x < 1 ? $x : $alpha / ($alpha + $beta);
    }

    /**
     * The continued fraction of the incomplete beta function, by Lentz' method as modified by Thompson & Barnett
     * (1986).
     */
    private static function fraction(float $a, float $b, float $x): float
    {
        $tiny = 1e-300;
        $c = 1.0;
        $d = 1 - (($a + $b) * $x) / ($a + 1);
        $d = 1 / (abs($d) < $tiny ? $tiny : $d);
        $value = $d;
        for ($m = 1; $m <= 500; $m++) {
            $even = ($m * ($b - $m) * $x) / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $odd = (-($a + $m) * ($a + $b + $m) * $x) / (($a + 2 * $m) * ($a + 2 * $m + 1));
            foreach ([$even, $odd] as $term) {
                // Written out, since it runs a thousand times for every board.
                $d = 1 + $term * $d;
                $d = 1 / (abs($d) < $tiny ? $tiny : $d);
                $c = 1 + $term / $c;
                $c = abs($c) < $tiny ? $tiny : $c;
                $value *= $d * $c;
            }
            if (abs($d * $c - 1) < self::SETTLED) {
                break;
            }
        }

        return $value;
    }

    /** ln Γ(z) for z > 0. */
    private static function logGamma(float $z): float
    {
        if ($z < 0.5) {
            return log(M_PI / sin(M_PI * $z)) - self::logGamma(1 - $z);
        }
        $z--;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; $i++) {
            $sum += self::LANCZOS[$i] / ($z + $i);
        }
        $t = $z + 7.5;

        return 0.5 * log(2 * M_PI) + ($z + 0.5) * log($t) - $t + log($sum);
    }
}
