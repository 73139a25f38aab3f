<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\School;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Pressure\ProofState;
use StoneDrill\Core\Pressure\Prover;

/** The highest rung that each student holds against each side of each attack. */
final readonly class ProofBook
{
    /** Ages are counted in whole days, so within the hour nothing changes but by new rows, which change the key. */
    private const SECONDS = 3600;

    /** @param array<string, int> $held by `student attack side` */
    private function __construct(private array $held) {}

    /** As of now. */
    public static function of(School $school, CatalogueMapper $mapper): self
    {
        return new self(Kept::of("proof:{$school->id}", Revision::of($school), self::SECONDS, static fn (): array => self::read($school, $mapper, CarbonImmutable::now())));
    }

    /** As it was then, of those who are here now. */
    public static function at(School $school, CatalogueMapper $mapper, CarbonImmutable $then): self
    {
        return new self(Kept::of("proof:{$school->id}:{$then->toDateString()}", Revision::of($school), self::SECONDS, static fn (): array => self::read($school, $mapper, $then)));
    }

    public function holds(string $student, string $attack, Side $side, int $rung): bool
    {
        return ($this->held["{$student} {$attack} {$side->value}"] ?? 0) >= $rung;
    }

    /** @return array<string, int> */
    private static function read(School $school, CatalogueMapper $mapper, CarbonImmutable $at): array
    {
        $catalogue = $mapper->everything($school);
        $held = [];
        foreach ((new Prover($catalogue->ladder))->prove($catalogue->reps, $catalogue->attacks, $at) as $proof) {
            if ($proof->state === ProofState::Holds) {
                $held["{$proof->student} {$proof->attack} {$proof->side->value}"] = $proof->rung;
            }
        }

        return $held;
    }
}
