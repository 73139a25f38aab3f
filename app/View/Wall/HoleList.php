<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\HoleKind;

/** The holes beside the wall: those that the drawing numbers, and those in what is laid. */
final readonly class HoleList
{
    /** Holes that show in the drawing, since nothing lies there in time. */
    private const DRAWN = [HoleKind::Open, HoleKind::Fails, HoleKind::Late, HoleKind::OneSided];

    /**
     * @var list<array{hole: Hole, number: int, isDrawn: bool}> what is drawn first, the weak spots after, the heaviest
     *     of each first; without what nobody has catalogued
     */
    public array $rows;

    /** @var list<array{hole: Hole, number: int, isDrawn: bool}> those that are not listed too */
    private array $all;

    /** @var list<Hole> what nobody has catalogued */
    public array $uncatalogued;

    public int $drawn;

    /** How many more there are than are listed. */
    public int $more;

    /** Holes that are listed at once. */
    private const MAX_ROWS = 200;

    /**
     * @param list<Hole> $holes
     * @param bool       $isWhole   whether those in what is laid are among them
     * @param bool       $isLarge   whether the catalogue is so large that widening is not among the moves
     * @param bool       $isYouth   whether they are of the wall of those under 16, where no weak spots are looked for
     * @param bool       $hasFailed whether working them out has failed
     * @param ?int       $share     percent that a worker who is at it has looked at; null where nobody was asked
     */
    public function __construct(
        array $holes,
        public bool $isWhole,
        public bool $isLarge = false,
        public bool $hasFailed = false,
        public ?int $share = null,
        private bool $isYouth = false,
    ) {
        $drawn = $weak = $uncatalogued = [];
        foreach ($holes as $hole) {
            if ($hole->kind === HoleKind::Uncatalogued) {
                $uncatalogued[] = $hole;
            } else {
                in_array($hole->kind, self::DRAWN, true) ? ($drawn[] = $hole) : ($weak[] = $hole);
            }
        }
        [$this->uncatalogued, $this->drawn] = [$uncatalogued, count($drawn)];
        $sorted = [...$drawn, ...$weak];
        $this->all = $rows = array_map(
            fn (int $place): array => [
                'hole' => $sorted[$place],
                'number' => $place + 1,
                'isDrawn' => $place < $this->drawn,
            ],
            array_keys($sorted),
        );
        $this->rows = array_slice($rows, 0, self::MAX_ROWS);
        $this->more = count($rows) - count($this->rows);
    }

    /** @return array<string, list<Hole>> what nobody has catalogued, by the name of the facet */
    public function facets(): array
    {
        $facets = [];
        foreach ($this->uncatalogued as $hole) {
            $facets[__('attack.facets.'.explode(' ', $hole->id)[1])][] = $hole;
        }

        return $facets;
    }

    /** Whether the page has to ask for the rest. */
    public function isOpen(): bool
    {
        return ! $this->isWhole && ! $this->hasFailed;
    }

    /** Whether a worker is at it, so that it is asked again after a moment. */
    public function isWaiting(): bool
    {
        return $this->share !== null;
    }

    /** How many there are besides those that are drawn. */
    public function summary(): string
    {
        if ($this->isYouth) {
            return __('wall.holes.youth');
        }

        return __('wall.holes.summary', ['weak' => $this->weak(), 'uncatalogued' => count($this->uncatalogued)]);
    }

    /** How many there are in what is laid. */
    public function weak(): int
    {
        return count($this->all) - $this->drawn;
    }

    /** @return array<string, int> numbers of the drawn ones by the cell's key */
    public function numbers(): array
    {
        $numbers = [];
        foreach ($this->all as $row) {
            if ($row['isDrawn']) {
                $numbers[$row['hole']->cell->text ?? ''] = $row['number'];
            }
        }

        return $numbers;
    }
}
