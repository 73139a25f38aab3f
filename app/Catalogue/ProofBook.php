<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Pressure\ProofState;
use StoneDrill\Core\Pressure\Prover;

/** The highest rung that each student holds against each side of each attack, as of now. */
final readonly class ProofBook
{
    /** Ages are counted in whole days, so within the hour nothing changes but by new reps, which change the key. */
    private const SECONDS = 3600;

    /** @param array<string, int> $held by `student attack side` */
    private function __construct(private array $held) {}

    public static function of(School $school, CatalogueMapper $mapper): self
    {
        $last = $school->reps()->toBase()->selectRaw('count(*) as reps, max(recorded_at) as last')->first();
        $structure = md5(json_encode([$school->attacks->map->only('code', 'hand', 'bearing'), $school->rungs->pluck('number')], JSON_THROW_ON_ERROR));
        $key = "proof:{$school->id}:{$last?->reps}:{$last?->last}:{$structure}";

        return new self(Cache::remember($key, self::SECONDS, static fn (): array => self::read($school, $mapper)));
    }

    public function holds(string $student, string $attack, Side $side, int $rung): bool
    {
        return ($this->held["{$student} {$attack} {$side->value}"] ?? 0) >= $rung;
    }

    /** @return array<string, int> */
    private static function read(School $school, CatalogueMapper $mapper): array
    {
        $catalogue = $mapper->everything($school);
        $held = [];
        foreach ((new Prover($catalogue->ladder))->prove($catalogue->reps, $catalogue->attacks, CarbonImmutable::now()) as $proof) {
            if ($proof->state === ProofState::Holds) {
                $held["{$proof->student} {$proof->attack} {$proof->side->value}"] = $proof->rung;
            }
        }

        return $held;
    }
}
