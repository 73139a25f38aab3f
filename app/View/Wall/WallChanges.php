<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Rank;

/** How a wall differs from one that it is compared with. */
final readonly class WallChanges
{
    /**
     * @param list<Rank>         $ranks those shown, lowest first
     * @param array<string, int> $order position by id of the rank, of all of them
     */
    public function __construct(private ComparedWall $past, private array $ranks, private array $order) {}

    /** @return array{StoneState, ?Change} what a side was in the course of a rank, and how that differs */
    public function of(Cell $cell, int $position): array
    {
        $then = $this->past->cell($cell);
        $before = $then === null ? StoneState::Ahead : StoneState::of($then, $position, $this->order);

        return [$before, Change::between($before, StoneState::of($cell, $position, $this->order))];
    }

    /** What changed in a side of an attack, and in which course first; empty where nothing did. */
    public function text(Cell $cell): string
    {
        $changes = [];
        foreach ($this->ranks as $rank) {
            [, $change] = $this->of($cell, $this->order[$rank->id]);
            if ($change !== null) {
                $changes[$change->value] ??= $change->text().' ('.$rank->name.')';
            }
        }

        return implode(', ', $changes);
    }

    /**
     * @param list<Stone> $stones
     *
     * @return array<string, int> how many sides changed in some course, by what happened
     */
    public static function counted(array $stones): array
    {
        $columns = [];
        foreach ($stones as $stone) {
            if ($stone->change !== null) {
                $columns[$stone->change->value][$stone->place->column] = true;
            }
        }

        return array_map(count(...), $columns);
    }

    /**
     * @param list<Stone> $stones
     * @param bool        $onlyThose whether kinds of change that do not occur are left out
     *
     * @return list<array{sign: string, text: string}> each kind of change with how many sides it happened to
     */
    public static function lines(array $stones, bool $onlyThose = false): array
    {
        $counts = self::counted($stones);
        $changes = array_filter(
            Change::cases(),
            static fn (Change $change): bool => ! $onlyThose || isset($counts[$change->value]),
        );

        return array_map(
            static fn (Change $change): array => [
                'sign' => $change->sign(),
                'text' => $change->text().': '.($counts[$change->value] ?? 0),
            ],
            array_values($changes),
        );
    }
}
