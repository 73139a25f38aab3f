<?php

declare(strict_types=1);

use StoneDrill\Core\Proof\BetaDistribution;

// I_0.6 and the two quantiles, by tanh-sinh quadrature of the density after the substitution x = sin²θ.
dataset('betas', [
    'α 1.5, β 0.5' => [1.5, 0.5, 0.252215496356, 0.351357198026, 0.993818756062],
    'α 3.5, β 0.5' => [3.5, 0.5, 0.067583293823, 0.661036643333, 0.997580693973],
    'α 2.5, β 0.5' => [2.5, 0.5, 0.127464008158, 0.55185080044, 0.996518110525],
    'α 1.25, β 0.75' => [1.25, 0.75, 0.425111923646, 0.201144772694, 0.96342519446],
    'α 3.217, β 1.648' => [3.217, 1.648, 0.355928934384, 0.382796669544, 0.903060293422],
    'α 6.1, β 2.9' => [6.1, 2.9, 0.289647377918, 0.474240670074, 0.861693165856],
    'α 12.5, β 0.5' => [12.5, 0.5, 0.000400757158, 0.895487802655, 0.999355820953],
    'α 0.5, β 3.5' => [0.5, 3.5, 0.985754246956, 0.002419306027, 0.338963356667],
    'α 2.05, β 2.05' => [2.05, 2.05, 0.649960779719, 0.199070230651, 0.800929769349],
    'α 9.75, β 1.25' => [9.75, 1.25, 0.011166532665, 0.758821687447, 0.980899272361],
]);

it('agrees with quadrature to nine places', function (
    float $alpha,
    float $beta,
    float $at,
    float $lower,
    float $upper,
): void {
    $distribution = new BetaDistribution($alpha, $beta);

    expect($distribution->cdf(0.6))->toEqualWithDelta($at, 1e-9)
        ->and($distribution->quantile(0.1))->toEqualWithDelta($lower, 1e-9)
        ->and($distribution->quantile(0.9))->toEqualWithDelta($upper, 1e-9);
})->with('betas');

// Closed forms: I_x(a, 1) = x^a, I_x(1, b) = 1 − (1 − x)^b, I_x(½, ½) = 2/π · asin √x, I_x(2, 2) = 3x² − 2x³.
it('agrees with the closed forms', function (float $x): void {
    foreach ([0.5, 1.0, 2.25, 7.0] as $shape) {
        expect((new BetaDistribution($shape, 1))->cdf($x))->toEqualWithDelta($x ** $shape, 1e-12)
            ->and((new BetaDistribution(1, $shape))->cdf($x))->toEqualWithDelta(1 - (1 - $x) ** $shape, 1e-12);
    }
    expect((new BetaDistribution(0.5, 0.5))->cdf($x))->toEqualWithDelta((2 / M_PI) * asin(sqrt($x)), 1e-12)
        ->and((new BetaDistribution(2, 2))->cdf($x))->toEqualWithDelta(3 * $x ** 2 - 2 * $x ** 3, 1e-12);
})->with([0.0, 1e-6, 0.05, 0.3, 0.5, 0.77, 0.999, 1.0]);

it('inverts itself, and is the mirror of its mirror', function (): void {
    for ($alpha = 0.5; $alpha <= 12.5; $alpha += 1.7) {
        for ($beta = 0.5; $beta <= 12.5; $beta += 1.3) {
            $distribution = new BetaDistribution($alpha, $beta);
            foreach ([0.001, 0.1, 0.5, 0.9, 0.999] as $p) {
                expect($distribution->cdf($distribution->quantile($p)))->toEqualWithDelta($p, 1e-10)
                    ->and((new BetaDistribution($beta, $alpha))->quantile(1 - $p))
                    ->toEqualWithDelta(1 - $distribution->quantile($p), 1e-9);
            }
        }
    }
});

it('needs two weights', function (float $alpha, float $beta): void {
    new BetaDistribution($alpha, $beta);
})
    ->with([[0.0, 1.0], [1.0, -1.0]])
    ->throws(DomainException::class);

it('inverts itself for any weights that thousands of tries may have', function (int $seed): void {
    mt_srand($seed);
    $weight = static fn (): float => mt_rand(0, 4) === 0 ? 0.5 : 0.5 + 10 ** (mt_rand(-3000, 5000) / 1000);
    for ($time = 0; $time < 500; $time++) {
        [$alpha, $beta, $p] = [$weight(), $weight(), [0.1, 0.9, 0.5][mt_rand(0, 2)]];
        $distribution = new BetaDistribution($alpha, $beta);

        expect($distribution->cdf($distribution->quantile($p)))->toEqualWithDelta($p, 1e-6, "{$alpha} {$beta} {$p}");
    }
})->with(range(1, 8));
