<?php

declare(strict_types=1);

namespace App\View\Ladder;

use StoneDrill\Core\Proof\ProofState;

/** A ladder in rows: a family at a time, the name, then a brick a rung. Lengths are units of the drawing. */
final class LadderDrawing
{
    private const BRICK = 21.0;
    private const HIGH = 16.0;
    private const GAP = 3.0;

    /** Width of the bricks of a row, and their height. */
    public readonly float $width;
    public readonly float $height;

    /** @var list<array{x: float, label: string, text: string}> above the bricks, from left to right */
    public readonly array $rungs;

    /** @var array<string, array{name: string, held: int, all: int, rows: list<LadderRow>}> those that have rows to draw, by the family */
    private readonly array $shown;

    /** @var array<string, string> what has been said of a brick: most of them are alike */
    private array $said = [];

    public function __construct(private readonly LadderPicture $ladder)
    {
        $rungs = $ladder->catalogue->ladder->rungs;
        $this->width = count($rungs) * (self::BRICK + self::GAP);
        $this->height = self::HIGH;
        $this->rungs = array_map(static fn (int $place): array => ['x' => self::x($place) + self::BRICK / 2, 'label' => (string) $rungs[$place]->id, 'text' => $rungs[$place]->id.' '.$rungs[$place]->name], array_keys($rungs));
        $rows = $shown = [];
        foreach ($ladder->shown as $row) {
            $rows[$row->attack->kind->family->value][] = $row;
        }
        foreach ($rows as $family => $drawn) {
            $of = array_filter($ladder->rows, static fn (LadderRow $row): bool => $row->attack->kind->family->value === $family);
            $held = array_filter($of, static fn (LadderRow $row): bool => $row->atGoal === ProofState::Holds);
            $shown[$family] = ['name' => __("attack.families.{$family}"), 'held' => count($held), 'all' => count($of), 'rows' => $drawn];
        }
        $this->shown = $shown;
    }

    /** @return list<array{name: string, held: int, all: int, rows: list<array{cell: string, attack: string, title: string, state: string, lower: string, tries: int, highest: string, fades: string, fadesShort: string, bricks: list<array{x: float, fill: float, inner: float, tick: string, state: string, goal: bool, holds: bool, text: string}>}>}> one after the other */
    public function families(): array
    {
        return array_values(array_map($this->family(...), $this->shown));
    }

    /**
     * @param array{name: string, held: int, all: int, rows: list<LadderRow>} $shown
     *
     * @return array{name: string, held: int, all: int, rows: list<array{cell: string, attack: string, title: string, state: string, lower: string, tries: int, highest: string, fades: string, fadesShort: string, bricks: list<array{x: float, fill: float, inner: float, tick: string, state: string, goal: bool, holds: bool, text: string}>}>}
     */
    private function family(array $shown): array
    {
        return [...$shown, 'rows' => array_map($this->row(...), $shown['rows'])];
    }

    /**
     * Each family as it is drawn, one after the other. To draw it takes long: it is drawn where it is not as it was.
     *
     * @param array<string, array{string, string}> $before what it was drawn from, and as what, by the family
     * @param callable(array{name: string, held: int, all: int, rows: list<array{cell: string, attack: string, title: string, state: string, lower: string, tries: int, highest: string, fades: string, fadesShort: string, bricks: list<array{x: float, fill: float, inner: float, tick: string, state: string, goal: bool, holds: bool, text: string}>}>}): string $draw
     *
     * @return array<string, array{string, string}> the same as they are now
     */
    public function drawn(array $before, callable $draw): array
    {
        $drawn = [];
        foreach ($this->shown as $family => $shown) {
            $from = hash('xxh128', serialize([$shown['held'], $shown['all'], array_map(self::mark(...), $shown['rows'])]));
            $drawn[$family] = ($before[$family][0] ?? null) === $from ? $before[$family] : [$from, $draw($this->family($shown))];
        }

        return $drawn;
    }

    /** What a row is drawn from, besides what is taught. */
    private static function mark(LadderRow $row): string
    {
        return implode(' ', [$row->attack->id, $row->side->value, $row->count, ...array_map(
            static fn (Brick $brick): string => implode(' ', [$brick->rung, $brick->state->value, $brick->lower, $brick->weight, $brick->fadesOn?->getTimestamp(), (int) $brick->isGoal]),
            $row->bricks,
        )]);
    }

    private static function x(int $place): float
    {
        return $place * (self::BRICK + self::GAP);
    }

    /** @return array{x: float, fill: float, inner: float, tick: string, state: string, goal: bool, holds: bool, text: string} */
    private function brick(LadderRow $row, Brick $brick, float $x): array
    {
        return [
            'x' => $x + 1,
            'fill' => round((self::BRICK - 4) * $brick->lower, 1),
            'inner' => $x + 2,
            'tick' => sprintf('M%s 8l3.5 4l6 -8', $x + 5),
            'state' => $brick->state->value,
            'goal' => $brick->isGoal,
            'holds' => $brick->state === ProofState::Holds,
            'text' => $row->title().', '.$this->line($brick, $row->count).($brick->fadesOn === null ? '' : __('proof.fades', ['day' => $brick->fadesOn->format('j M Y')])),
        ];
    }

    private function line(Brick $brick, int $tries): string
    {
        $lower = number_format($brick->lower, 2);

        return $this->said["{$brick->rung} {$brick->state->value} {$lower} {$tries}"] ??= trans_choice('proof.line', $tries, ['state' => __('proof.states.'.$brick->state->value), 'rung' => $brick->rung, 'lower' => $lower]);
    }

    /** @return array{cell: string, attack: string, title: string, state: string, lower: string, tries: int, highest: string, fades: string, fadesShort: string, bricks: list<array{x: float, fill: float, inner: float, tick: string, state: string, goal: bool, holds: bool, text: string}>} */
    private function row(LadderRow $row): array
    {
        $held = array_map(static fn (Brick $brick): int => $brick->rung, array_filter($row->bricks, static fn (Brick $brick): bool => $brick->state === ProofState::Holds));

        return [
            'cell' => $row->attack->id.' '.$row->side->value,
            'attack' => $row->attack->id,
            'title' => $row->title(),
            'state' => __('proof.states.'.$row->atGoal->value),
            'lower' => number_format($row->lowerAtGoal, 2),
            'tries' => $row->count,
            'highest' => $held === [] ? __('words.none') : (string) max($held),
            'fades' => $row->fadesOn?->format('j M Y') ?? '',
            'fadesShort' => $row->fadesOn?->format('j M') ?? '',
            'bricks' => array_map(fn (int $place): array => $this->brick($row, $row->bricks[$place], self::x($place)), array_keys($row->bricks)),
        ];
    }

    /** @return list<string> of the table of the same facts */
    public function head(): array
    {
        return array_map(fn (string $text): string => str_replace(':rung', (string) $this->ladder->goal, $text), array_values(texts('students.ladder.columns')));
    }
}
