<?php

declare(strict_types=1);

namespace App\View\Floor;

use StoneDrill\Core\Floor\Contours;
use StoneDrill\Core\Floor\FirstStep;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\StepCell;
use StoneDrill\Core\Floor\StepField;
use StoneDrill\Core\Technique\Notation\Printer;

/**
 * Where to step before a beat: the floor as a field, with contour lines, the step that is written and the best ones.
 * Centimetres, y downward.
 */
final readonly class FieldPicture
{
    /** Centimetres between contour lines, and how far they go to either side of none. */
    private const LEVEL = 10;
    private const LEVELS = 8;

    private const CELL = 100 * StepField::CELL;

    /** Best first steps that are marked. */
    private const MARKED = 3;

    public float $left;
    public float $top;
    public float $size;

    /** @var array<string, string> outlines of what is alike, by `hit`, `reach-1`, `reach-2`, `reach-3` and `free` */
    public array $areas;

    /**
     * @var list<array{path: string, isNone: bool, label: string, x: float, y: float}> lines on which the worst margin
     *     is alike
     */
    public array $contours;

    /** The edge of where the strike gets to its target. */
    public string $strikes;

    /** @var array{way: string, range: string} the step that is written, and how far it can go */
    public array $step;

    /** @var list<array{x: float, y: float, label: string}> */
    public array $best;

    public FloorFigure $defender;
    public FloorFigure $attacker;

    /** @var array{defender: BodyName, attacker: BodyName} */
    public array $names;

    /**
     * @param Frame           $before where both are before the beat
     * @param Frame           $after  where they come by what is written
     * @param list<FirstStep> $best
     * @param Printer         $printer writes their steps
     */
    public function __construct(
        private StepField $field,
        Frame $before,
        Frame $after,
        array $best,
        private Printer $printer = new Printer(),
        public Palette $palette = Palette::Slate,
    ) {
        $middle = $field->from;
        $half = 50 * StepField::CELL * StepField::CELLS;
        [$this->left, $this->top, $this->size] = [
            round(100 * $middle->x - $half, 1),
            round(-100 * $middle->y - $half, 1),
            2 * $half,
        ];
        $areas = array_fill_keys(['hit', 'reach-3', 'reach-2', 'reach-1', 'free'], '');
        foreach ($field->cells as $row => $cells) {
            foreach (self::runs($cells) as [$name, $from, $count]) {
                $areas[$name] .= sprintf(
                    'M%s %sh%sv%sh-%sz',
                    $this->x($from),
                    $this->y($row),
                    $count * self::CELL,
                    self::CELL,
                    $count * self::CELL,
                );
            }
        }
        $this->areas = $areas;
        $this->contours = $this->contours();
        $this->strikes = $this->edge();
        $this->defender = new FloorFigure($before->positions()->defender);
        $this->attacker = new FloorFigure($after->positions()->attacker);
        $this->names = BodyName::ofBoth($this->defender, $this->attacker, []);
        $this->step = $this->step($before, $after);
        $this->best = array_map($this->mark(...), array_slice($best, 0, self::MARKED));
    }

    private function x(float $column): float
    {
        return round($this->left + self::CELL * $column, 1);
    }

    /** Top of a row. */
    private function y(float $row): float
    {
        return round($this->top + $this->size - self::CELL * ($row + 1), 1);
    }

    /**
     * @param list<StepCell> $cells of a row
     *
     * @return list<array{string, int, int}> what is alike side by side: its name, where it begins, how many
     */
    private static function runs(array $cells): array
    {
        $runs = [];
        foreach ($cells as $column => $cell) {
            $name = match (true) {
                $cell->isHit => 'hit',
                $cell->threats === 0 => 'free',
                default => 'reach-'.min(3, $cell->threats),
            };
            $last = array_pop($runs);
            $runs = match (true) {
                $last === null => [[$name, $column, 1]],
                $last[0] === $name => [...$runs, [$name, $last[1], $last[2] + 1]],
                default => [...$runs, $last, [$name, $column, 1]],
            };
        }

        return $runs;
    }

    /** @return list<array{path: string, isNone: bool, label: string, x: float, y: float}> */
    private function contours(): array
    {
        $values = array_map(
            static fn (array $cells): array => array_map(
                static fn (StepCell $cell): ?float => $cell->worst === null ? null : 100 * $cell->worst,
                $cells,
            ),
            $this->field->cells,
        );
        $lines = [];
        foreach (range(-self::LEVELS, self::LEVELS) as $step) {
            $pieces = Contours::at($values, self::LEVEL * $step);
            if ($pieces === []) {
                continue;
            }
            // The middles of cells: half a cell in.
            $at = fn (float $column, float $row): array => [
                $this->x($column + 0.5),
                round($this->y($row) + self::CELL / 2, 1),
            ];
            $path = implode(
                '',
                array_map(static function (array $piece) use ($at): string {
                    [[$x1, $y1], [$x2, $y2]] = [$at($piece[0], $piece[1]), $at($piece[2], $piece[3])];

                    return "M{$x1} {$y1}L{$x2} {$y2}";
                }, $pieces),
            );
            [$x, $y] = $at($pieces[intdiv(count($pieces), 2)][0], $pieces[intdiv(count($pieces), 2)][1]);
            $lines[] = [
                'path' => $path,
                'isNone' => $step === 0,
                'label' => sprintf('%+d', self::LEVEL * $step),
                'x' => $x,
                'y' => $y,
            ];
        }

        return $lines;
    }

    /** Sides of cells between where the strike gets and where it does not. */
    private function edge(): string
    {
        $path = '';
        foreach ($this->field->cells as $row => $cells) {
            foreach ($cells as $column => $cell) {
                $right = $cells[$column + 1] ?? null;
                $above = $this->field->cells[$row + 1][$column] ?? null;
                if ($right !== null && $right->strikes !== $cell->strikes) {
                    $path .= sprintf('M%s %sv%s', $this->x($column + 1), $this->y($row), self::CELL);
                }
                if ($above !== null && $above->strikes !== $cell->strikes) {
                    $path .= sprintf('M%s %sh%s', $this->x($column), $this->y($row), self::CELL);
                }
            }
        }

        return $path;
    }

    /** @return array{way: string, range: string} */
    private function step(Frame $before, Frame $after): array
    {
        [$from, $to] = [$before->positions()->defender->feet->axis, $after->positions()->defender->feet->axis];
        $line = static fn (float $a, float $b): string => sprintf(
            'M%s %sL%s %s',
            FloorFigure::cm($from->x + $a * ($to->x - $from->x)),
            -FloorFigure::cm($from->y + $a * ($to->y - $from->y)),
            FloorFigure::cm($from->x + $b * ($to->x - $from->x)),
            -FloorFigure::cm($from->y + $b * ($to->y - $from->y)),
        );

        return [
            'way' => $from->distanceTo($to) < 0.005 ? '' : $line(0.0, 1.0),
            'range' => $after->movement->strides === [] ? '' : $line(0.5, 1.5),
        ];
    }

    /** @return array{x: float, y: float, label: string} */
    private function mark(FirstStep $step): array
    {
        $at = $step->to;
        $way = $this->field->from->distanceTo($at);

        return [
            'x' => FloorFigure::cm($at->x),
            'y' => -FloorFigure::cm($at->y),
            'label' => __('floor.field.best', [
                'step' => $this->printer->action($step->action),
                'cm' => (int) round(100 * $way),
                'degrees' => (int) round($this->field->from->bearingTo($at)),
            ]),
        ];
    }
}
