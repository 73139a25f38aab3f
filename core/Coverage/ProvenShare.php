<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Pressure\ProofState;
use StoneDrill\Core\Pressure\Prover;

/** How many of a rank's students hold a cell at the rank's goal rung, now and in a while with no more reps. */
final readonly class ProvenShare
{
    /** Days after which it is looked at again. */
    private const AHEAD = 30;

    /**
     * @param array<string, int>        $students how many are of exactly a rank, by its id
     * @param array<string, array{int, int}> $held how many hold it now and then, by rank, attack and side
     */
    private function __construct(private array $students, private array $held) {}

    public static function of(Catalogue $catalogue, DateTimeImmutable $at): self
    {
        $ranks = array_column($catalogue->ranks, null, 'id');
        $rankOf = array_column($catalogue->students, 'rank', 'id');
        $held = [];
        foreach ([$at, $at->modify(sprintf('+%d days', self::AHEAD))] as $when => $moment) {
            foreach ((new Prover($catalogue->ladder))->prove($when === 0 ? $catalogue->reps : array_values(array_filter($catalogue->reps, static fn ($rep): bool => $rep->at <= $at)), $catalogue->attacks, $moment) as $proof) {
                $rank = $rankOf[$proof->student] ?? null;
                if ($rank !== null && $proof->state === ProofState::Holds && $proof->rung === $ranks[$rank]->goalRung) {
                    $key = "{$rank} {$proof->attack} {$proof->side->value}";
                    $held[$key] ??= [0, 0];
                    $held[$key][$when]++;
                }
            }
        }

        return new self(array_count_values(array_values($rankOf)), $held);
    }

    /**
     * @return array{float, float}|null the share now and in 30 days; null where the rank has no students
     */
    public function share(string $rank, string $attack, Side $side): ?array
    {
        $students = $this->students[$rank] ?? 0;
        [$now, $then] = $this->held["{$rank} {$attack} {$side->value}"] ?? [0, 0];

        return $students === 0 ? null : [$now / $students, $then / $students];
    }
}
