<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;

/** Which side of which attack is answered from which rank on, and what is missing. */
final readonly class Coverage
{
    /**
     * @param list<Cell>         $cells in the order of the attacks, the written side first
     * @param list<Hole>         $holes the heaviest first
     * @param array<string, int> $order position by id of the rank
     */
    private function __construct(private Catalogue $catalogue, public array $cells, public array $holes, private array $order) {}

    public static function of(Catalogue $catalogue): self
    {
        return self::found($catalogue, new HoleFinder($catalogue));
    }

    /**
     * The same with holes that were found before.
     *
     * @param list<Hole> $holes of this catalogue
     */
    public static function known(Catalogue $catalogue, array $holes): self
    {
        return new self($catalogue, self::cells($catalogue, $catalogue->attacks), $holes, $catalogue->rankOrder());
    }

    /** The same with everything that answers lack in their cells, what is alike, and what is proven on a day. */
    public static function whole(Catalogue $catalogue, WeaknessFinder $weaknesses, ?Widener $widener = null, ?ProvenShare $proof = null): self
    {
        return self::found($catalogue, new HoleFinder($catalogue, $weaknesses, $widener, $proof));
    }

    /**
     * The coverage of the same school with other answers: only the attacks that one which changed concerns are looked at
     * again.
     *
     * @param Catalogue  $now    of the same attacks, ranks and rungs
     * @param HoleFinder $finder of that catalogue, that looks for the same as the one before
     */
    public function after(Catalogue $now, HoleFinder $finder): self
    {
        $isSame = $now->attacks === $this->catalogue->attacks && $now->ranks === $this->catalogue->ranks && $now->school === $this->catalogue->school && $now->ladder === $this->catalogue->ladder;
        if (! $isSame) {
            return self::found($now, $finder);
        }
        $changed = self::changed($this->catalogue->answers, $now->answers);
        $concerned = [];
        foreach ($this->cells as $cell) {
            if (! isset($concerned[$cell->attack->id]) && $finder->concerns($changed, $cell)) {
                $concerned[$cell->attack->id] = $cell->attack;
            }
        }
        $anew = [];
        foreach (self::cells($now, array_values($concerned)) as $cell) {
            $anew[$cell->key->text] = $cell;
        }
        $cells = array_map(static fn (Cell $cell): Cell => $anew[$cell->key->text] ?? $cell, $this->cells);
        $kept = array_values(array_filter($this->holes, static fn (Hole $hole): bool => ! isset($concerned[$hole->attack ?? ''])));

        return new self($now, $cells, HoleFinder::sorted([...$kept, ...$finder->among(array_values($anew))]), $this->order);
    }

    private static function found(Catalogue $catalogue, HoleFinder $finder): self
    {
        $cells = self::cells($catalogue, $catalogue->attacks);

        return new self($catalogue, $cells, $finder->find($cells), $catalogue->rankOrder());
    }

    /**
     * The answers that are others, were added or were taken away, as they were and as they are, and those that can run on
     * into one of them.
     *
     * @param list<Answer> $before
     * @param list<Answer> $after
     *
     * @return list<Answer>
     */
    private static function changed(array $before, array $after): array
    {
        [$old, $new] = [array_column($before, null, 'id'), array_column($after, null, 'id')];
        $changed = [
            ...array_filter($before, static fn (Answer $answer): bool => ($new[$answer->id] ?? null) !== $answer),
            ...array_filter($after, static fn (Answer $answer): bool => ($old[$answer->id] ?? null) !== $answer),
        ];
        $titles = array_fill_keys(array_column($changed, 'title'), true);
        do {
            $count = count($changed);
            foreach ($after as $answer) {
                if (! isset($titles[$answer->title]) && array_intersect_key(array_flip($answer->beats->goesTo()), $titles) !== []) {
                    $changed[] = $answer;
                    $titles[$answer->title] = true;
                }
            }
        } while (count($changed) > $count);

        return $changed;
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
            if ($this->isBy($cell->attack->need->rank, $rank)) {
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

    /**
     * @param list<Attack> $attacks of the catalogue
     *
     * @return list<Cell>
     */
    private static function cells(Catalogue $catalogue, array $attacks): array
    {
        $order = $catalogue->rankOrder();
        $ranks = array_map(static fn (Rank $rank): string => $rank->id, $catalogue->ranks);
        $from = [];
        foreach ($catalogue->answers as $answer) {
            $from[$answer->id] = $answer->introducedAt($order);
        }
        $byKind = self::byKind($catalogue->answers);
        $cells = [];
        foreach ($attacks as $attack) {
            $rivals = [...($byKind[$attack->kind->id] ?? []), ...($byKind['*'] ?? [])];
            foreach ($attack->sides() as $side) {
                $answers = self::answering($attack, $attack->on($side), $rivals);
                count($answers) > 1 && usort($answers, static fn (Answer $a, Answer $b): int => $from[$a->id] <=> $from[$b->id]);
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
            foreach ($answer->matching->pattern->kinds ?? ['*'] as $kind) {
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
        $answering = [];
        foreach ($answers as $answer) {
            if ($answer->matching->covers($attack->kind, $facets)) {
                $answering[] = $answer;
            }
        }

        return $answering;
    }
}
