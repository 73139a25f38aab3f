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

    /**
     * @var list<array{name: string, held: int, all: int, rows: list<array{cell: string, attack: string, title: string,
     *     state: string, lower: string, tries: int, highest: string, fades: string, fadesShort: string,
     *     bricks: list<array{x: float, fill: float, inner: float, tick: string, state: string, goal: bool, holds: bool,
     *     text: string}>}>}> in the order of the families
     */
    public readonly array $families;

    /**
     * @var list<array{x: float, fill: float, inner: float, tick: string, state: string, goal: bool, holds: bool,
     *     text: string}>|null those of a row that was never tried: most are alike
     */
    private ?array $untried = null;

    /** @var array<array-key, string> what each state is called */
    private readonly array $states;

    public function __construct(private readonly LadderPicture $ladder)
    {
        $this->states = texts('proof.states');
        $rungs = $ladder->catalogue->ladder->rungs;
        $this->width = count($rungs) * (self::BRICK + self::GAP);
        $this->height = self::HIGH;
        $this->rungs = array_map(
            static fn (int $place): array => [
                'x' => self::x($place) + self::BRICK / 2,
                'label' => (string) $rungs[$place]->id,
                'text' => $rungs[$place]->id.' '.$rungs[$place]->name,
            ],
            array_keys($rungs),
        );
        $families = [];
        foreach ($ladder->rows as $row) {
            $family = $row->attack->kind->family->value;
            $families[$family] ??= ['name' => __("attack.families.{$family}"), 'held' => 0, 'all' => 0, 'rows' => []];
            $families[$family]['all']++;
            $families[$family]['held'] += $row->atGoal === ProofState::Holds ? 1 : 0;
        }
        foreach ($ladder->shown as $row) {
            $families[$row->attack->kind->family->value]['rows'][] = $this->row($row);
        }
        $this->families = array_values(
            array_filter($families, static fn (array $family): bool => $family['rows'] !== []),
        );
    }

    private static function x(int $place): float
    {
        return $place * (self::BRICK + self::GAP);
    }

    /**
     * @param string $line what is said of each brick of its row
     *
     * @return array{x: float, fill: float, inner: float, tick: string, state: string, goal: bool, holds: bool,
     *     text: string}
     */
    private function brick(Brick $brick, string $line, float $x): array
    {
        return [
            'x' => $x + 1,
            'fill' => round((self::BRICK - 4) * $brick->lower, 1),
            'inner' => $x + 2,
            'tick' => sprintf('M%s 8l3.5 4l6 -8', $x + 5),
            'state' => $brick->state->value,
            'goal' => $brick->isGoal,
            'holds' => $brick->state === ProofState::Holds,
            'text' => strtr($line, [
                ':state' => $this->states[$brick->state->value],
                ':rung' => $brick->rung,
                ':lower' => number_format($brick->lower, 2),
            ]).($brick->fadesOn === null ? '' : __('proof.fades', ['day' => $brick->fadesOn->format('j M Y')])),
        ];
    }

    /**
     * @return list<array{x: float, fill: float, inner: float, tick: string, state: string, goal: bool, holds: bool,
     *     text: string}> from left to right
     */
    private function bricks(LadderRow $row): array
    {
        // Said once: it is the longest part of drawing a row.
        $line = trans_choice('proof.line', $row->count);

        return array_map(
            fn (int $place): array => $this->brick($row->bricks[$place], $line, self::x($place)),
            array_keys($row->bricks),
        );
    }

    /**
     * @return array{cell: string, attack: string, title: string, state: string, lower: string, tries: int,
     *     highest: string, fades: string, fadesShort: string, bricks: list<array{x: float, fill: float, inner: float,
     *     tick: string, state: string, goal: bool, holds: bool, text: string}>}
     */
    private function row(LadderRow $row): array
    {
        $held = array_map(
            static fn (Brick $brick): int => $brick->rung,
            array_filter($row->bricks, static fn (Brick $brick): bool => $brick->state === ProofState::Holds),
        );

        return [
            'cell' => $row->attack->id.' '.$row->side->value,
            'attack' => $row->attack->id,
            'title' => $row->title(),
            'state' => $this->states[$row->atGoal->value],
            'lower' => number_format($row->lowerAtGoal, 2),
            'tries' => $row->count,
            'highest' => $held === [] ? __('words.none') : (string) max($held),
            'fades' => $row->fadesOn?->format('j M Y') ?? '',
            'fadesShort' => $row->fadesOn?->format('j M') ?? '',
            'bricks' => $row->count > 0 ? $this->bricks($row) : ($this->untried ??= $this->bricks($row)),
        ];
    }

    /** @return list<string> of the table of the same facts */
    public function head(): array
    {
        return array_map(
            fn (string $text): string => str_replace(':rung', (string) $this->ladder->goal, $text),
            array_values(texts('students.ladder.columns')),
        );
    }
}
