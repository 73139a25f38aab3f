<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

use DateTimeImmutable;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Eligibility;

/** What a test for a rank asks each candidate for, and what each knows no answer to yet. */
final class AskedFor
{
    private readonly Eligibility $eligibility;

    private readonly int $position;

    /** @var array<string, Cell> what the test asks for, by the cell's key */
    public readonly array $cells;

    /** @var array<string, array<string, list<string>>> what each student is asked for, by id */
    private array $of = [];

    /** @var array<string, array<string, string>> what each knows no answer to, by id */
    private array $unknown = [];

    /** @param list<Cell> $cells of the catalogue */
    public function __construct(
        private readonly Catalogue $catalogue,
        array $cells,
        private readonly Rank $rank,
        DateTimeImmutable $now,
    ) {
        $this->eligibility = new Eligibility($catalogue, $now);
        $this->position = $catalogue->rankOrder()[$rank->id];
        $asked = [];
        foreach ($cells as $cell) {
            if ($cell->attack->need->rank === $rank->id) {
                $asked[$cell->key->text] = $cell;
            }
        }
        $this->cells = $asked;
    }

    /**
     * What a candidate is asked for and knows no answer to: the one that is taught to it.
     *
     * @return array<string, string> id of the answer by the cell's key
     */
    public function unknown(Candidate $candidate): array
    {
        if (isset($this->unknown[$candidate->student->id])) {
            return $this->unknown[$candidate->student->id];
        }
        $own = $this->catalogue->rankOrder()[$candidate->student->rank];
        $unknown = [];
        foreach ($this->of($candidate->student) as $key => $answers) {
            $knows = ($candidate->windows[$key]->count ?? 0) > 0
                || array_filter($answers, fn (string $id): bool => $this->cells[$key]->worksFrom[$id] <= $own) !== [];
            if (! $knows && $answers !== []) {
                $unknown[$key] = $answers[0];
            }
        }

        return $this->unknown[$candidate->student->id] = $unknown;
    }

    /**
     * What a student is asked for. They are prepared as the rank is taught: what the policy bars at that rank and their
     * age, or a flag, is not asked for.
     *
     * @return array<string, list<string>> ids of answers that work and that they may do, by the cell's key; none where
     *     nobody has one
     */
    public function of(Student $student): array
    {
        if (isset($this->of[$student->id])) {
            return $this->of[$student->id];
        }
        $then = $student->at($this->rank->id);
        $open = [];
        foreach ($this->cells as $key => $cell) {
            $working = $cell->workingBy($this->position);
            $answers = array_values(
                array_filter(
                    $working,
                    fn (string $id): bool => $this->eligibility->opens(
                        $then,
                        $cell->attack,
                        $this->catalogue->answer($id),
                    ),
                ),
            );
            if ($answers !== [] || $working === []) {
                $open[$key] = $answers;
            }
        }

        return $this->of[$student->id] = $open;
    }

    /** @return list<string> keys of cells that the test asks a candidate for and that no answer works against */
    public function unanswered(Candidate $candidate): array
    {
        return array_map(strval(...), array_keys($this->of($candidate->student), [], true));
    }
}
