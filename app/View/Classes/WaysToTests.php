<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\TrainingClass;
use App\Persistence\SeasonBook;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Drill\Preparation;

/** What the ways to coming tests have planned for a class. */
final readonly class WaysToTests
{
    /** @var list<Preparation> */
    public array $ways;

    /** Whether a job still works at more. */
    public bool $waits;

    /** @var array<array-key, list<string>> keys of the cells that each drills, by code of the student */
    public array $drills;

    /** @param Catalogue $catalogue attacks that it has no more are not told */
    public function __construct(TrainingClass $class, Catalogue $catalogue)
    {
        ['ways' => $this->ways, 'waits' => $this->waits] = app(SeasonBook::class)->plannedIn($class);
        $drills = [];
        foreach ($this->ways as $way) {
            foreach ($way->drills as $student => $keys) {
                $there = array_filter(
                    $keys,
                    static fn (string $key): bool => $catalogue->hasAttack(CellKey::read($key)->attack),
                );
                $drills[$student] = array_values(array_unique([...$drills[$student] ?? [], ...$there]));
            }
        }
        $this->drills = $drills;
    }

    /** @return list<string> keys of the cells that somebody drills, each once */
    public function drilled(): array
    {
        return array_values(array_unique(array_merge(...array_values($this->drills))));
    }
}
