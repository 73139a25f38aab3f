<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Load;
use StoneDrill\Core\Curriculum\Catalogue;

/** What a move would change on the wall. */
final readonly class MovePreview
{
    /** @var list<Hole> */
    public array $closed;

    /** @var list<Hole> */
    public array $opened;

    /**
     * @var list<array{rank: string, covered: array{float, float}, taught: array{float, float}, load: array{Load, Load},
     *     changes: bool}> lowest rank first
     */
    public array $ranks;

    /**
     * @param list<Hole> $before
     * @param list<Hole> $after
     */
    public function __construct(
        Catalogue $now,
        Coverage $coverage,
        array $before,
        Catalogue $then,
        Coverage $coverageThen,
        array $after,
    ) {
        $names = static fn (array $holes): array => array_map(
            static fn (Hole $hole): string => $hole->kind->value
                .' '
                .$hole->order()
                .' '
                .($hole->side->value ?? ''),
            $holes,
        );
        $this->closed = array_values(
            array_diff_key($before, array_flip(array_keys(array_intersect($names($before), $names($after))))),
        );
        $this->opened = array_values(
            array_diff_key($after, array_flip(array_keys(array_intersect($names($after), $names($before))))),
        );
        [$load, $loadThen] = [Load::of($now, $coverage), Load::of($then, $coverageThen)];
        $ranks = [];
        foreach ($now->ranks as $index => $rank) {
            $covered = [$coverage->coveredBy($rank->id), $coverageThen->coveredBy($rank->id)];
            $taught = [$coverage->taughtBy($rank->id), $coverageThen->taughtBy($rank->id)];
            $ranks[] = [
                'rank' => $rank->name,
                'covered' => $covered,
                'taught' => $taught,
                'load' => [$load[$index], $loadThen[$index]],
                'changes'
                    => $load[$index] != $loadThen[$index] || $covered[0] !== $covered[1] || $taught[0] !== $taught[1],
            ];
        }
        $this->ranks = $ranks;
    }

    /** @return list<array{rank: string, changes: bool, figures: list<string>}> what each rank asks now, and then */
    public function rows(): array
    {
        return array_map(static function (array $row): array {
            [$now, $then] = $row['load'];
            $figure = static fn (string $before, string $after): string => $row['changes']
                ? "{$before} → {$after}"
                : $before;

            return [
                'rank' => $row['rank'],
                'changes' => $row['changes'],
                'figures' => [
                    $figure(round(100 * $row['covered'][0]).' %', round(100 * $row['covered'][1]).' %'),
                    $figure(round(100 * $row['taught'][0]).' %', round(100 * $row['taught'][1]).' %'),
                    $figure((string) $now->beats, (string) $then->beats),
                    $figure((string) $now->newActions, (string) $then->newActions),
                    __('load.bits', [
                        'bits' => $figure(number_format($now->choiceBits, 2), number_format($then->choiceBits, 2)),
                    ]),
                ],
            ];
        }, $this->ranks);
    }
}
