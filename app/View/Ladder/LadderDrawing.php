<?php

declare(strict_types=1);

namespace App\View\Ladder;

use Illuminate\Support\Str;
use StoneDrill\Core\Proof\ProofState;

/** Where the bricks of a ladder lie. Lengths are units of the drawing. */
final readonly class LadderDrawing
{
    private const LEFT = 92.0;
    private const COLUMN = 22.0;
    private const MIN_WIDTH = 1180.0;
    private const BRICK = 21.0;
    private const GAP = 3.0;
    private const NAMES = 200.0;
    private const NAME_LETTERS = 40;

    public float $width;
    public float $height;
    public float $foot;

    /** @var list<array{name: string, y: float, line: float}> */
    public array $rungs;

    /** @var list<array{x: float, y: float, width: float, height: float, fill: float, inner: array{x: float, y: float, height: float}, tick: string, state: string, goal: bool, holds: bool, text: string}> */
    public array $bricks;

    /** @var list<array{x: float, transform: string, name: string, fades: string}> */
    public array $columns;

    /** @var list<array{cell: string, title: string, state: string, lower: string, tries: int, highest: string, fades: string}> */
    public array $rows;

    public function __construct(private LadderPicture $ladder)
    {
        $rungs = array_reverse($ladder->catalogue->ladder->rungs);
        $this->foot = count($rungs) * (self::BRICK + self::GAP);
        $this->height = $this->foot + self::NAMES;
        $this->width = max(self::MIN_WIDTH, self::LEFT + count($ladder->shown) * self::COLUMN);
        $lines = $bricks = $columns = $rows = [];
        foreach ($rungs as $index => $rung) {
            $lines[$rung->id] = ['name' => $rung->id.' '.$rung->name, 'y' => $y = $index * (self::BRICK + self::GAP), 'line' => $y + 15];
        }
        foreach ($ladder->shown as $index => $column) {
            $x = self::LEFT + $index * self::COLUMN;
            foreach ($column->bricks as $brick) {
                $bricks[] = $this->brick($column, $brick, $x, $lines[$brick->rung]['y']);
            }
            $middle = $x + (self::COLUMN - self::GAP) / 2;
            $columns[] = ['x' => $middle, 'transform' => sprintf('translate(%s %s) rotate(-90)', $middle + 4, $this->foot + 18), 'name' => Str::limit($column->title(), self::NAME_LETTERS, '…'), 'fades' => $column->fadesOn?->format('d.m.') ?? ''];
            $rows[] = $this->row($column);
        }
        [$this->rungs, $this->bricks, $this->columns, $this->rows] = [array_values($lines), $bricks, $columns, $rows];
    }

    /** @return array{x: float, y: float, width: float, height: float, fill: float, inner: array{x: float, y: float, height: float}, tick: string, state: string, goal: bool, holds: bool, text: string} */
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
            'inner' => ['x' => $x + 1, 'y' => $y + 1, 'height' => self::BRICK - 2],
            'tick' => sprintf('M%s %s l3.5 4 l6 -8', $x + 3, $y + 11),
            'text' => $column->title().', '.trans_choice('proof.line', $column->count, ['state' => __('proof.states.'.$brick->state->value), 'rung' => $brick->rung, 'lower' => number_format($brick->lower, 2)])
                .($brick->fadesOn === null ? '' : __('proof.fades', ['day' => $brick->fadesOn->format('j M Y')])),
        ];
    }

    /** @return array{cell: string, title: string, state: string, lower: string, tries: int, highest: string, fades: string} */
    private function row(LadderColumn $column): array
    {
        $held = array_map(static fn (Brick $brick): int => $brick->rung, array_filter($column->bricks, static fn (Brick $brick): bool => $brick->state === ProofState::Holds));

        return [
            'cell' => $column->attack->id.' '.$column->side->value,
            'title' => $column->title(),
            'state' => __('proof.states.'.$column->atGoal->value),
            'lower' => number_format($column->lowerAtGoal, 2),
            'tries' => $column->count,
            'highest' => $held === [] ? __('words.none') : (string) max($held),
            'fades' => $column->fadesOn?->format('j M Y') ?? '',
        ];
    }

    /** @return list<string> of the table of the same facts */
    public function head(): array
    {
        return array_map(fn (string $text): string => str_replace(':rung', (string) $this->ladder->goal, $text), array_values(texts('students.ladder.columns')));
    }

    public function fadesLine(): float
    {
        return $this->foot + 11;
    }
}
