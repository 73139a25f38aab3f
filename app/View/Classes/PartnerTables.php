<?php

declare(strict_types=1);

namespace App\View\Classes;

use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Round;

/** Who works with whom in a class, round by round, and how many tries there is time for. */
final readonly class PartnerTables
{
    /** @var list<array{name: string, reps: string, rounds: list<list<string>>}> one for each circle of each block */
    public array $tables;

    /** @param array<string, string> $names by code of the student */
    public function __construct(private ClassPlan $plan, private array $names, private ClassFacts $facts)
    {
        $tables = [];
        foreach ($plan->partners as $partners) {
            foreach ([BlockKind::Drill, BlockKind::Pressure] as $kind) {
                $rounds = $partners->of($kind);
                if ($rounds !== []) {
                    $tables[] = [
                        'name' => __("classes.partners.{$kind->value}")
                        .($partners->isApart ? __('classes.partners.apart') : ''),
                        'reps' => $this->reps($kind, count($rounds)),
                        'rounds' => array_map($this->pairs(...), $rounds),
                    ];
                }
            }
        }
        $this->tables = $tables;
    }

    /** @return list<string> each pair of a round in words */
    private function pairs(Round $round): array
    {
        $third = $round->over === null ? '' : $this->names[$round->over];
        $pairs = array_map(
            fn (int $place, array $pair): string => __(
                $round->over !== null && $round->three === $place ? 'classes.partners.three' : 'classes.partners.two',
                ['first' => $this->names[$pair[0]], 'second' => $this->names[$pair[1]], 'third' => $third],
            ),
            array_keys($round->pairs),
            $round->pairs,
        );

        return $third === '' || $round->three !== null
            ? $pairs
            : [...$pairs, __('classes.partners.alone', ['name' => $third])];
    }

    private function reps(BlockKind $kind, int $rounds): string
    {
        $reps = trans_choice('classes.reps', $this->plan->repsEach($kind, $this->facts), [
            'rounds' => $rounds,
        ]);
        $pairs = $this->plan->pairs($kind);
        $turns = $this->facts->placesIn($kind) < min($pairs, $this->facts->places)
            ? [trans_choice('classes.pads', (int) $this->facts->pads, ['pairs' => $pairs])]
            : [];

        return implode('. ', [$reps, ...$turns]);
    }
}
