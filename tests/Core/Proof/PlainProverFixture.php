<?php

declare(strict_types=1);

namespace Tests\Core\Proof;

/** What the tests of PlainProver share. */
final class PlainProverFixture
{
    /** I_x(a, b) by Simpson's rule over θ, x = sin²θ; good to nine places for a, b ≥ ½. */
    public static function plainBeta(float $a, float $b, float $x): float
    {
        $area = static function (float $to) use ($a, $b): float {
            // sin θ = t^k smooths the end at which the exponent is small.
            $density = static fn (float $angle): float => 2 * sin($angle) ** (2 * $a - 1) * cos($angle) ** (2 * $b - 1);
            $steps = 400;
            $sum = 0.0;
            for ($i = 0; $i <= $steps; $i++) {
                $u = $i / $steps;
                $angle = $to * $u ** 3 * (10 - 15 * $u + 6 * $u ** 2);
                $slope = $to * 30 * $u ** 2 * (1 - $u) ** 2;
                $weight = $i === 0 || $i === $steps ? 1 : ($i % 2 === 1 ? 4 : 2);
                $sum += $slope === 0.0 ? 0.0 : $weight * $density($angle) * $slope;
            }

            return $sum / (3 * $steps);
        };

        return $area(asin(sqrt($x))) / $area(M_PI / 2);
    }

    /** @return array{float, float} α and β of a rung at a moment */
    public static function plainShape(array $reps, int $rung, int $now): array
    {
        $counted = array_filter($reps, fn (array $rep): bool => $rep['at'] <= $now && $rep['credit'] !== null);
        usort($counted, fn (array $a, array $b): int => $b['at'] <=> $a['at']);
        $alpha = $beta = 0.5;
        foreach (array_slice($counted, 0, 12) as $rep) {
            $weight = 0.5 ** (floor(($now - $rep['at']) / 86_400) / 60);
            $alpha += $rep['rung'] >= $rung ? $weight * $rep['credit'] : 0;
            $beta += $rep['rung'] <= $rung ? $weight * (1 - $rep['credit']) : 0;
        }

        return [$alpha, $beta];
    }

    public static function plainState(array $reps, int $rung, int $now): string
    {
        $holds = fn (int $at): bool => self::plainBeta(...[...self::plainShape($reps, $rung, $at), 0.6]) <= 0.1;
        if ($holds($now)) {
            return 'holds';
        }
        if (self::plainBeta(...[...self::plainShape($reps, $rung, $now), 0.5]) > 0.9) {
            return 'failing';
        }
        foreach ($reps as $rep) {
            if ($rep['credit'] !== null && $rep['at'] <= $now && $holds($rep['at'])) {
                return 'faded';
            }
        }

        return 'building';
    }
}
