<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Failure;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Load;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Coverage\Removable;
use StoneDrill\Core\Curriculum\Catalogue;

/** Which attacks are answered from which rank on, and what is missing up to one. */
final readonly class CoverageReport implements Report
{
    /**
     * @param ?string      $rank      id of the rank up to which it looks; null where the school has none
     * @param list<Cell>   $cells
     * @param float        $covered   share, by weight, of what is needed to which an answer works
     * @param float        $taught    share of it to which one is taught, whether it works or not
     * @param list<Hole>   $holes     the heaviest first
     * @param list<Load>   $load      lowest rank first
     * @param list<string> $removable ids of answers
     */
    private function __construct(
        public ?string $rank,
        public array $cells,
        public float $covered,
        public float $taught,
        public array $holes,
        public array $load,
        public array $removable,
    ) {}

    /** @param ?string $rank id; null for the highest */
    public static function of(Catalogue $catalogue, Coverage $coverage, ?string $rank): self
    {
        $rank ??= $catalogue->ranks === [] ? null : $catalogue->ranks[count($catalogue->ranks) - 1]->id;

        return new self(
            $rank,
            $coverage->cells,
            $rank === null ? 1.0 : $coverage->coveredBy($rank),
            $rank === null ? 1.0 : $coverage->taughtBy($rank),
            $rank === null ? [] : $coverage->holesBy($rank),
            Load::of($catalogue, $coverage),
            Removable::of($catalogue, $coverage),
        );
    }

    public function document(): array
    {
        return [
            'cells' => array_map(
                static fn (Cell $cell): array => [
                    'attack' => $cell->attack->id,
                    'side' => $cell->side->value,
                    'needed_by' => $cell->attack->need->rank,
                    'taught_at' => $cell->taughtAt,
                    'laid_at' => $cell->laidAt,
                ],
                $this->cells,
            ),
            'covered' => $this->covered,
            'taught' => $this->taught,
            'holes' => array_map($this->hole(...), $this->holes),
            'load' => array_map(
                static fn (Load $load): array => [
                    'rank' => $load->rank,
                    'beats' => $load->beats,
                    'actions' => $load->actions,
                    'new_actions' => $load->newActions,
                    'choice_bits' => $load->choiceBits,
                ],
                $this->load,
            ),
            'removable' => $this->removable,
        ];
    }

    /** @return array<string, mixed> */
    private function hole(Hole $hole): array
    {
        return [
            'kind' => $hole->kind->value,
            'attack' => $hole->attack,
            'side' => $hole->side?->value,
            'rank' => $hole->rank,
            'weight' => $hole->weight,
            'reason' => $hole->reason,
            'fails' => array_map(
                static fn (Failure $failure): array => [
                    'answer' => $failure->answer,
                    'beat' => $failure->beat,
                    'message' => $failure->message,
                ],
                $hole->fails,
            ),
            'moves' => array_map(
                static fn (Move $move): array => [
                    'move' => $move->kind->value,
                    'answer' => $move->answer,
                    'findings' => array_map(FindingReport::document(...), $move->findings),
                ],
                $hole->moves,
            ),
        ];
    }
}
