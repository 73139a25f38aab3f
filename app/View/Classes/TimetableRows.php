<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\TrainingClass;
use App\Models\User;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;

/** The blocks of a class with the clock of the school. */
final readonly class TimetableRows
{
    /** @var list<array{at: int, kind: string, name: string, minutes: int, locked: bool, begins: string}> */
    public array $rows;

    /** @param list<Block> $blocks */
    public function __construct(private TrainingClass $class, array $blocks)
    {
        $rows = [];
        $clock = $class->beginsAt();
        foreach ($blocks as $at => $block) {
            $rows[] = [
                'at' => $at,
                'kind' => $block->kind->value,
                'name' => say($block->kind->text()),
                'minutes' => $block->minutes,
                'locked' => $block->isLocked,
                'begins' => $clock->format('H:i'),
            ];
            // In seconds that pass: a change of the clocks in the night shifts what they show.
            $clock = $clock->addSeconds(60 * $block->minutes);
        }
        $this->rows = $rows;
    }

    /** @return array<string, string> heads: what can be changed is shown to who may */
    public function columns(User $user): array
    {
        return array_diff_key(texts('classes.columns'), $user->can('update', $this->class) ? [] : ['change' => true]);
    }

    /** @return array<string, string> kinds that can be added, by value */
    public static function kinds(): array
    {
        return array_combine(
            array_column(BlockKind::cases(), 'value'),
            array_map(static fn (BlockKind $kind): string => say($kind->text()), BlockKind::cases()),
        );
    }
}
