<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Student;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Meetings;

/** Who meets whom in a class, and has met in those before. */
final readonly class WhoMeets
{
    /** @param array<string, Student> $students who is planned for, by code */
    public function __construct(private array $students, private Meetings $meetings) {}

    /**
     * @return list<array{name: string, cells: list<string>}> how often two work together by the plan, and in brackets
     *     in the classes before
     */
    public function rows(?ClassPlan $plan): array
    {
        $count = [];
        foreach ([BlockKind::Drill, BlockKind::Pressure] as $kind) {
            foreach (array_merge(...$plan?->roundsIn($kind) ?? []) as $round) {
                foreach ($round->pairs as [$a, $b]) {
                    $count[Meetings::key($a, $b)] = ($count[Meetings::key($a, $b)] ?? 0) + 1;
                }
            }
        }
        $codes = array_map(strval(...), array_keys($this->students));

        $cell = function (string $one, string $other) use ($count): string {
            $before = $this->meetings->weight($one, $other);

            return $one === $other
                ? '·'
                : trim(
                    ($count[Meetings::key($one, $other)] ?? '')
                        .($before > 0 ? ' ('.number_format($before, 1).')' : ''),
                );
        };

        return array_map(
            fn (string $one): array => [
                'name' => $this->students[$one]->name,
                'cells' => array_map(static fn (string $other): string => $cell($one, $other), $codes),
            ],
            $codes,
        );
    }
}
