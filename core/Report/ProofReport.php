<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use DateTimeImmutable;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\Proof;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Prover;

/** What the reps prove of each student at a moment. */
final readonly class ProofReport implements Report
{
    /** @param list<Proof> $proofs in the order of the file: students, attacks, sides, rungs */
    private function __construct(public array $proofs, public DateTimeImmutable $at) {}

    public static function of(SchoolFile $file, DateTimeImmutable $at): self
    {
        $catalogue = $file->catalogue;
        $proofs = (new Prover($catalogue->ladder, ProofRules::of($catalogue->school->proof)))->prove(
            $file->reps,
            $catalogue->attacks,
            $at,
        );
        $students = array_flip(array_column($file->students, 'id'));
        $attacks = array_flip(array_column($catalogue->attacks, 'id'));
        usort(
            $proofs,
            static fn (Proof $a, Proof $b): int => [
                $students[$a->student],
                $attacks[$a->attack],
                $b->side->value,
                $a->rung,
            ] <=> [$students[$b->student], $attacks[$b->attack], $a->side->value, $b->rung],
        );

        return new self($proofs, $at);
    }

    public function document(): array
    {
        return [
            'proofs' => array_map(
                static fn (Proof $proof): array => [
                    'student' => $proof->student,
                    'attack' => $proof->attack,
                    'side' => $proof->side->value,
                    'rung' => $proof->rung,
                    'weight' => $proof->weight,
                    'lower' => $proof->lower,
                    'state' => $proof->state->value,
                    'fades_on' => $proof->fadesOn?->format('Y-m-d'),
                ],
                $this->proofs,
            ),
        ];
    }
}
