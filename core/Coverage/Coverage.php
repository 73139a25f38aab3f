<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;

/** Which side of which attack is answered from which rank on, by what works, and what is missing. */
final readonly class Coverage
{
    /**
     * @param list<Cell>         $cells in the order of the attacks, the written side first
     * @param list<Hole>         $holes the heaviest first
     * @param array<string, int> $order position by id of the rank
     */
    private function __construct(
        private Catalogue $catalogue,
        public array $cells,
        public array $holes,
        private array $order,
    ) {}

    public static function of(Catalogue $catalogue, ?Works $works = null): self
    {
        return self::found($catalogue, new HoleFinder($catalogue, $works ?? new Works($catalogue)));
    }

    /**
     * The same where it is known what works, with holes that were found before.
     *
     * @param array<string, array<string, int>> $worksFrom position of the rank from which an answer works, by the
     *     cell's key, then its id
     * @param list<Hole>                        $holes     of this catalogue
     */
    public static function known(Catalogue $catalogue, array $worksFrom, array $holes = []): self
    {
        $known = static fn (Answer $answer, Attack $attack, Side $side): ?int => $worksFrom[
            CellKey::of($attack, $side)->text
        ][$answer->id] ?? null;

        return new self(
            $catalogue,
            Cells::of($catalogue, $catalogue->attacks, $known),
            $holes,
            $catalogue->rankOrder(),
        );
    }

    /** The same with everything that answers lack in their cells, what is alike, and what is proven on a day. */
    public static function whole(
        Catalogue $catalogue,
        RunCache $memory = new RunCache(),
        ?Widener $widener = null,
        ?ProvenShare $proof = null,
    ): self {
        return self::found($catalogue, HoleFinder::whole($catalogue, $memory, $widener, $proof));
    }

    /**
     * @return array<string, array<string, int>> position of the rank from which an answer works, by the cell's key,
     *     then its id
     */
    public function worksFrom(): array
    {
        $worksFrom = [];
        foreach ($this->cells as $cell) {
            if ($cell->worksFrom !== []) {
                $worksFrom[$cell->key->text] = $cell->worksFrom;
            }
        }

        return $worksFrom;
    }

    /**
     * The coverage of the same school with other answers: only the attacks that one which changed concerns are looked
     * at again.
     *
     * @param Catalogue  $now    of the same attacks, ranks and rungs
     * @param HoleFinder $finder of that catalogue, that looks for the same as the one before
     */
    public function after(Catalogue $now, HoleFinder $finder): self
    {
        $isSame = $now->attacks === $this->catalogue->attacks
        && $now->ranks === $this->catalogue->ranks
        && $now->school === $this->catalogue->school
        && $now->ladder === $this->catalogue->ladder;
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
        foreach (Cells::of($now, array_values($concerned), $finder->works->from(...)) as $cell) {
            $anew[$cell->key->text] = $cell;
        }
        $cells = array_map(static fn (Cell $cell): Cell => $anew[$cell->key->text] ?? $cell, $this->cells);
        $kept = array_values(
            array_filter($this->holes, static fn (Hole $hole): bool => ! isset($concerned[$hole->attack ?? ''])),
        );

        return new self(
            $now,
            $cells,
            HoleFinder::sorted([...$kept, ...$finder->among(array_values($anew))]),
            $this->order,
        );
    }

    private static function found(Catalogue $catalogue, HoleFinder $finder): self
    {
        $cells = Cells::of($catalogue, $catalogue->attacks, $finder->works->from(...));

        return new self($catalogue, $cells, $finder->find($cells), $catalogue->rankOrder());
    }

    /**
     * The answers that are others, were added or were taken away, as they were and as they are, and those that can run
     * on into one of them.
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
                if (
                    ! isset($titles[$answer->title])
                    && array_intersect_key(array_flip($answer->beats->goesTo()), $titles) !== []
                ) {
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
        return array_values(
            array_filter(
                $this->holes,
                fn (Hole $hole): bool => $hole->rank === null || $this->order[$hole->rank] <= $this->order[$rank],
            ),
        );
    }

    /** The laid share, by weight, of what this rank and the ones below it need; 1 when they need nothing. */
    public function coveredBy(string $rank): float
    {
        return $this->shareBy($rank, static fn (Cell $cell): ?string => $cell->laidAt);
    }

    /** The share of it to which something is taught, whether it works or not. */
    public function taughtBy(string $rank): float
    {
        return $this->shareBy($rank, static fn (Cell $cell): ?string => $cell->taughtAt);
    }

    /** The laid share of what a family needs by a rank; null where it needs nothing. */
    public function coveredIn(Family $family, string $rank): ?float
    {
        $cells = array_filter($this->cells, static fn (Cell $cell): bool => $cell->attack->kind->family === $family);

        return array_any($cells, fn (Cell $cell): bool => $this->isBy($cell->attack->need->rank, $rank))
            ? $this->shareBy($rank, static fn (Cell $cell): ?string => $cell->laidAt, $cells)
            : null;
    }

    /**
     * @param callable(Cell): ?string  $from  id of the rank from which a cell counts
     * @param ?array<array-key, Cell> $cells all where none are given
     */
    private function shareBy(string $rank, callable $from, ?array $cells = null): float
    {
        $needed = $counted = 0.0;
        foreach ($cells ?? $this->cells as $cell) {
            if ($this->isBy($cell->attack->need->rank, $rank)) {
                $needed += $cell->weight();
                $counted += $this->isBy($from($cell), $rank) ? $cell->weight() : 0.0;
            }
        }

        return $needed === 0.0 ? 1.0 : $counted / $needed;
    }

    private function isBy(?string $rank, string $limit): bool
    {
        return $rank !== null && $this->order[$rank] <= $this->order[$limit];
    }
}
