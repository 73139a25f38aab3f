<?php

declare(strict_types=1);

namespace Tests\Core\Proof;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\Proof;
use StoneDrill\Core\Proof\Prover;
use Tests\Support\Made;

/** What the tests of Prover share. */
final class ProverFixture
{
    /** @return array<int, Proof> by rung, of the written side */
    public static function proofs(array $reps, string $at = Made::NOW): array
    {
        $proofs = (new Prover(Ladder::builtIn()))->prove($reps, [Made::attack()], new DateTimeImmutable($at));

        return array_column(
            array_filter($proofs, fn (Proof $proof): bool => $proof->side === Side::Written),
            null,
            'rung',
        );
    }
}
