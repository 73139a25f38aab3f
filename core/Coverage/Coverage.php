<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Rank;

/** Which side of which attack is answered from which rank on, and what is missing. */
final readonly class Coverage
{
    /**
     * @param list<Cell>         $cells in the order of the attacks, the written side first
     * @param list<Hole>         $holes the heaviest first
     * @param array<string, int> $order position by id of the rank
     */
    private function __construct(public array $cells, public array $holes, private array $order) {}

    public static function of(Catalogue $catalogue): self
    {
        $cells = self::cells($catalogue);

        return new self($cells, (new HoleFinder($catalogue))->find($cells), $catalogue->rankOrder());
    }

    /** The same with everything that answers lack in their cells, what is alike, and what is proven on a day. */
    public static function whole(Catalogue $catalogue, FaultFinder $faults, Widener $widener, ?ProvenShare $proof = null): self
    {
        $cells = self::cells($catalogue);

        return new self($cells, (new HoleFinder($catalogue, $faults, $widener, $proof))->find($cells), $catalogue->rankOrder());
    }

    /**
     * The holes of what this rank and the ones below it need.
     *
     * @return list<Hole>
     */
    public function holesBy(string $rank): array
    {
        return array_values(array_filter($this->holes, fn (Hole $hole): bool => $hole->rank === null || $this->order[$hole->rank] <= $this->order[$rank]));
    }

    /** The laid share, by weight, of what this rank and the ones below it need; 1 when they need nothing. */
    public function coveredBy(string $rank): float
    {
        $needed = $laid = 0.0;
        foreach ($this->cells as $cell) {
            if ($this->isBy($cell->attack->neededBy, $rank)) {
                $needed += $cell->weight();
                $laid += $this->isBy($cell->laidAt, $rank) ? $cell->weight() : 0.0;
            }
        }

        return $needed === 0.0 ? 1.0 : $laid / $needed;
    }

    private function isBy(?string $rank, string $limit): bool
    {
        return $rank !== null && $this->order[$rank] <= $this->order[$limit];
    }

    /** @return list<Cell> */
    private static function cells(Catalogue $catalogue): array
    {
        $order = $catalogue->rankOrder();
        $ranks = array_map(static fn (Rank $rank): string => $rank->id, $catalogue->ranks);
        $from = [];
        foreach ($catalogue->answers as $answer) {
            $from[$answer->id] = $answer->introducedAt($order);
        }
        $byKind = self::byKind($catalogue->answers);
        $cells = [];
        foreach ($catalogue->attacks as $attack) {
            $rivals = [...($byKind[$attack->kind->id] ?? []), ...($byKind['*'] ?? [])];
            foreach ($attack->sides() as $side) {
                $answers = self::answering($attack, $attack->on($side), $rivals);
                usort($answers, static fn (Answer $a, Answer $b): int => $from[$a->id] <=> $from[$b->id]);
                $laidAt = $answers === [] ? null : $ranks[$from[$answers[0]->id]];
                $cells[] = new Cell($attack, $side, array_map(static fn (Answer $answer): string => $answer->id, $answers), $laidAt);
            }
        }

        return $cells;
    }

    /**
     * @param list<Answer> $answers
     *
     * @return array<string, list<Answer>> by id of the kind, `*` for those that answer any
     */
    private static function byKind(array $answers): array
    {
        $byKind = [];
        foreach ($answers as $answer) {
            foreach ($answer->pattern->kinds ?? ['*'] as $kind) {
                $byKind[$kind][] = $answer;
            }
        }

        return $byKind;
    }

    /**
     * @param list<Answer> $answers
     *
     * @return list<Answer>
     */
    private static function answering(Attack $attack, Facets $facets, array $answers): array
    {
        return array_values(array_filter($answers, static fn (Answer $answer): bool => $answer->matches($attack->kind, $facets)));
    }
}
