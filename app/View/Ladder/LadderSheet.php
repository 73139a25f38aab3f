<?php

declare(strict_types=1);

namespace App\View\Ladder;

/**
 * A ladder as a drawing of its own: the same rows in two columns, each with its names, to be saved. Lengths are units
 * of the drawing.
 */
final readonly class LadderSheet
{
    private const ROW = 20.0;
    private const NAME = 330.0;
    private const DAY = 56.0;
    private const EDGE = 20.0;
    private const HEAD = 60.0;

    public float $width;
    public float $height;

    /** @var list<array{x: float, y: float, name: string, share: string}> a head for each family */
    public array $heads;

    /**
     * @var list<array{x: float, y: float, row: array{title: string, fades: string, bricks: list<array{x: float,
     *     fill: float, inner: float, tick: string, state: string, goal: bool, holds: bool, text: string}>, ...}}>
     */
    public array $rows;

    public function __construct(public LadderDrawing $drawing)
    {
        $column = self::NAME + $drawing->width + self::DAY + self::EDGE;
        $lines = array_sum(array_map(static fn (array $family): int => count($family['rows']) + 2, $drawing->families));
        [$heads, $rows, $at, $place, $deepest] = [[], [], 0, 0, 0];
        foreach ($drawing->families as $family) {
            // A family stays together: the second column begins with the one that would go beyond the middle.
            if ($place === 0 && $at > 0 && $at + count($family['rows']) / 2 > $lines / 2) {
                [$at, $place] = [0, 1];
            }
            $x = self::EDGE + $place * $column;
            $heads[] = [
                'x' => $x,
                'y' => self::HEAD + self::ROW * $at++,
                'name' => $family['name'],
                'share' => __('words.of', ['count' => $family['held'], 'all' => $family['all']]),
            ];
            foreach ($family['rows'] as $row) {
                $rows[] = ['x' => $x, 'y' => self::HEAD + self::ROW * $at++, 'row' => $row];
            }
            $at++;
            $deepest = max($deepest, $at);
        }
        [$this->heads, $this->rows] = [$heads, $rows];
        $this->width = self::EDGE + ($place + 1) * $column;
        $this->height = self::HEAD + self::ROW * $deepest;
    }

    /** Where the bricks of a row begin. */
    public function bricksAt(float $x): float
    {
        return $x + self::NAME;
    }

    /** Where the day of a row ends, on which it fades. */
    public function dayAt(float $x): float
    {
        return $x + self::NAME + $this->drawing->width + self::DAY - 6;
    }
}
