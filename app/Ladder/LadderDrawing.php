<?php

declare(strict_types=1);

namespace App\Ladder;

use Illuminate\Support\Str;
use StoneDrill\Core\Pressure\ProofState;

/** Where the bricks of a ladder lie. Lengths are units of the drawing. */
final readonly class LadderDrawing
{
    private const LEFT = 92.0;
    private const COLUMN = 22.0;
    private const LEAST_WIDTH = 1180.0;
    private const BRICK = 21.0;
    private const GAP = 3.0;
    private const NAMES = 200.0;

    public float $width;
    public float $height;
    public float $foot;

    /** @var list<array{name: string, y: float}> */
    public array $rungs;

    /** @var list<array{x: float, y: float, width: float, height: float, fill: float, state: string, goal: bool, holds: bool, says: string}> */
    public array $bricks;

    /** @var list<array{x: float, name: string, fades: string}> */
    public array $columns;

    /** @var list<array{title: string, state: string, lower: string, tries: int, highest: string, fades: string}> */
    public array $rows;

    public function __construct(private LadderPicture $ladder)
    {
        $rungs = array_reverse($ladder->catalogue->ladder->rungs);
        $this->foot = count($rungs) * (self::BRICK + self::GAP);
        $this->height = $this->foot + self::NAMES;
        $this->width = max(self::LEAST_WIDTH, self::LEFT + count($ladder->shown) * self::COLUMN);
        $lines = $bricks = $columns = $rows = [];
        foreach ($rungs as $index => $rung) {
            $lines[$rung->id] = ['name' => $rung->id.' '.$rung->name, 'y' => $index * (self::BRICK + self::GAP)];
        }
        foreach ($ladder->shown as $index => $column) {
            $x = self::LEFT + $index * self::COLUMN;
            foreach ($column->bricks as $brick) {
                $bricks[] = $this->brick($column, $brick, $x, $lines[$brick->rung]['y']);
            }
            $columns[] = ['x' => $x + (self::COLUMN - self::GAP) / 2, 'name' => $column->title(), 'fades' => $column->fadesOn?->format('d.m.') ?? ''];
            $rows[] = $this->row($column);
        }
        [$this->rungs, $this->bricks, $this->columns, $this->rows] = [array_values($lines), $bricks, $columns, $rows];
    }

    /** @return array{x: float, y: float, width: float, height: float, fill: float, state: string, goal: bool, holds: bool, says: string} */
    private function brick(LadderColumn $column, Brick $brick, float $x, float $y): array
    {
        $width = self::COLUMN - self::GAP;

        return [
            'x' => $x,
            'y' => $y,
            'width' => $width,
            'height' => self::BRICK,
            'fill' => round(($width - 2) * $brick->lower, 1),
            'state' => $brick->state->value,
            'goal' => $brick->isGoal,
            'holds' => $brick->state === ProofState::Holds,
            'says' => sprintf('%s, rung %d: %s, lower bound %.2f of %d %s', $column->title(), $brick->rung, $brick->state->value, $brick->lower, $column->count, Str::plural('try', $column->count))
                .($brick->fadesOn === null ? '' : ', fades on '.$brick->fadesOn->format('j M Y')),
        ];
    }

    /** @return array{title: string, state: string, lower: string, tries: int, highest: string, fades: string} */
    private function row(LadderColumn $column): array
    {
        $held = array_map(static fn (Brick $brick): int => $brick->rung, array_filter($column->bricks, static fn (Brick $brick): bool => $brick->state === ProofState::Holds));

        return [
            'title' => $column->title(),
            'state' => $column->atGoal->value,
            'lower' => number_format($column->lowerAtGoal, 2),
            'tries' => $column->count,
            'highest' => $held === [] ? 'none' : (string) max($held),
            'fades' => $column->fadesOn?->format('j M Y') ?? '',
        ];
    }
}
