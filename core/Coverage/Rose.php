<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Geometry\Bearing;

/**
 * Coverage, or proof, by the direction from which attacks come: twelve sectors round the defender, a ring for each
 * family or rank.
 */
final readonly class Rose
{
    /** @param array<string, array<int, RoseSector>> $rings by id of the family or rank, then the hour 1 to 12 */
    private function __construct(public array $rings) {}

    /**
     * @param list<Cell>                  $cells
     * @param 'family'|'rank'             $by
     * @param callable(Cell): bool        $isCovered
     * @param (callable(Cell): bool)|null $isTaught  null for where only what is covered counts
     */
    public static function of(
        Catalogue $catalogue,
        array $cells,
        string $by,
        callable $isCovered,
        ?callable $isTaught = null,
    ): self {
        $ids = $by === 'rank' ? array_column($catalogue->ranks, 'id') : array_column(Family::cases(), 'value');
        $rings = array_fill_keys($ids, array_fill_keys(range(1, 12), new RoseSector()));
        foreach ($cells as $cell) {
            $need = $cell->attack->need->rank;
            if ($need === null) {
                continue;
            }
            $ring = $by === 'rank' ? $need : $cell->attack->kind->family->value;
            $hour = self::hour($cell->facets->bearing);
            $covered = $isCovered($cell);
            $rings[$ring][$hour] = $rings[$ring][$hour]->and(
                $cell->weight(),
                $covered || ($isTaught !== null && $isTaught($cell)),
                $covered,
            );
        }

        return new self(
            array_filter(
                $rings,
                static fn (array $sectors): bool => array_any(
                    $sectors,
                    static fn (RoseSector $sector): bool => $sector->needed > 0,
                ),
            ),
        );
    }

    /** The hour of the clock that a bearing is nearest to; half past belongs to the next one. */
    public static function hour(Bearing $bearing): int
    {
        return (((int) floor($bearing->toDegrees() / 30 + 0.5) + 11) % 12) + 1;
    }

    /** The whole of a direction, over all rings. */
    public function direction(int $hour): RoseSector
    {
        $sum = new RoseSector();
        foreach ($this->rings as $sectors) {
            $sum = new RoseSector(
                $sum->needed + $sectors[$hour]->needed,
                $sum->taught + $sectors[$hour]->taught,
                $sum->covered + $sectors[$hour]->covered,
            );
        }

        return $sum;
    }
}
