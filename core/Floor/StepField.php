<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Verb;

/**
 * The floor round the defender before a beat, cell by cell: what comes of it if both feet slide there instead of the
 * steps that are written. Its strikes are left out, but for one that is asked for; everything else of it is done as it
 * is. Planning estimates.
 */
final readonly class StepField
{
    /** Metres from cell to cell. */
    public const CELL = 0.05;

    /** Cells along each side. */
    public const CELLS = 60;

    /**
     * @param Point                  $from  where the axis is before the beat, in the middle of the field
     * @param list<list<StepCell>>   $cells rows from the nearest to 6 up, each from left to right
     */
    public function __construct(public Point $from, public array $cells) {}

    /** Where a cell is. */
    public function at(int $column, int $row): Point
    {
        return new Point($this->from->x + self::offset($column), $this->from->y + self::offset($row));
    }

    /** Metres that a column is to the right of where the axis was, or a row ahead of it. */
    public static function offset(int $place): float
    {
        return round(($place - intdiv(self::CELLS, 2)) * self::CELL, 2);
    }

    /** @return list<array{float, float}> metres to the right and ahead, of every cell row by row */
    public static function places(): array
    {
        $places = [];
        for ($row = 0; $row < self::CELLS; $row++) {
            for ($column = 0; $column < self::CELLS; $column++) {
                $places[] = [self::offset($column), self::offset($row)];
            }
        }

        return $places;
    }

    /** What of a beat is done wherever it leads: neither its steps nor its strikes. */
    public static function rest(Beat $beat): Beat
    {
        $rest = array_values(
            array_filter(
                $beat->actions,
                static fn (Action $action): bool => $action->verb instanceof Verb && ! $action->verb->movesFeet(),
            ),
        );

        return new Beat($rest === [] ? [new Action(null, Verb::Look)] : $rest);
    }
}
