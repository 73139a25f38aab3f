<?php

declare(strict_types=1);

namespace App\Wall;

use App\Catalogue\ProofBook;
use StoneDrill\Core\Catalogue\Rank;
use StoneDrill\Core\Catalogue\Student;
use StoneDrill\Core\Coverage\Cell;

/** The share of the students of exactly a rank that hold a cell at the rank's goal rung. */
final readonly class RankMoss implements Moss
{
    /** @var array<string, list<string>> ids of the students by id of their rank */
    private array $byRank;

    /** @param list<Student> $students */
    public function __construct(private ProofBook $proof, array $students)
    {
        $byRank = [];
        foreach ($students as $student) {
            $byRank[$student->rank][] = $student->id;
        }
        $this->byRank = $byRank;
    }

    public function share(Cell $cell, Rank $rank): ?float
    {
        [$held, $asked] = $this->count($cell, $rank);

        return $asked === 0 ? null : $held / $asked;
    }

    public function says(Cell $cell, Rank $rank): string
    {
        [$held, $asked] = $this->count($cell, $rank);

        return $asked === 0 ? '' : sprintf('%d of %d %s students hold it at rung %d.', $held, $asked, $rank->name, $rank->goalRung);
    }

    /** @return array{int, int} how many hold it, and of how many */
    private function count(Cell $cell, Rank $rank): array
    {
        $asked = $this->byRank[$rank->id] ?? [];
        $held = 0;
        foreach ($asked as $student) {
            $held += (int) $this->proof->holds($student, $cell->attack->id, $cell->side, $rank->goalRung);
        }

        return [$held, count($asked)];
    }
}
