<?php

declare(strict_types=1);

namespace App\View\Board;

use App\Models\School;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\PersonShelf;
use App\Persistence\PreparationBook;
use App\Persistence\Revision;
use App\Persistence\WindowBook;
use App\View\Ladder\RungMoves;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Drill\Preparation;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Window;

/** What a board tells of each: only those are read of whom something is new. */
final readonly class BoardPeople
{
    private Catalogue $catalogue;

    /** @param list<Preparation> $prepared what the ways to coming tests have taught and had drilled */
    private function __construct(
        private School $school,
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private CarbonImmutable $at,
        private array $prepared,
    ) {
        $this->catalogue = $mapper->curriculum($school);
    }

    /**
     * @param Collection<int, Student> $students with their ranks
     *
     * @return array<int, array{states: array<string, ProofState>, last: ?int, next: ?string, moves: string}> by the id
     *     of the row: states by the cell's key of what the rank needs, seconds of the last try, key of the cell that is
     *     wanted most
     */
    public static function of(
        School $school,
        Collection $students,
        CatalogueMapper $mapper,
        CoverageBook $coverages,
        CarbonImmutable $at,
    ): array {
        $prepared = app(PreparationBook::class)->until($school, $at);
        $people = new self($school, $mapper, $coverages, $at, $prepared);
        $shelf = new PersonShelf($school, 'board', Revision::ofCurriculum($school), $at, prepared: $prepared);
        $told = $shelf->of(
            array_values($students->map(static fn (Student $student): int => $student->id)->all()),
            static fn (array $ids): array => $people->tell($students->whereIn('id', $ids)),
        );
        $cases = ProofState::cases();

        return array_map(
            static fn (array $one): array => [
                ...$one,
                'states' => array_map(static fn (int $place): ProofState => $cases[$place], $one['states']),
            ],
            $told,
        );
    }

    /**
     * @param Collection<int, Student> $students
     *
     * @return array<int, array{states: array<string, int>, last: ?int, next: ?string, moves: string}> states by their
     *     places among all, which are read in less time
     */
    private function tell(Collection $students): array
    {
        $windows = (new WindowBook($this->school, $this->catalogue))->of(
            array_values($students->map(static fn (Student $student): int => $student->id)->all()),
            $this->at,
        );
        $cores = $students
            ->mapWithKeys(fn (Student $student): array => [$student->id => $this->mapper->student($student)])
            ->all();
        $pool = $this->coverages->poolOf($this->school, array_values($cores), $this->at, $this->prepared);
        $places = array_flip(array_column(ProofState::cases(), 'value'));
        $cells = $this->coverages->of($this->school)->cells;
        $stand = [];
        foreach ($students as $student) {
            $stand[$student->id] = $this->statesOf($student, $cells, $windows[$student->id]);
        }
        $titles = array_map(
            static fn (array $cells): array => array_map(static fn (array $cell): string => $cell[0], $cells),
            $stand,
        );
        $moves = RungMoves::of($this->school, $this->catalogue->ladder, $titles, $windows, $this->at);
        $people = [];
        foreach ($students as $student) {
            $last = array_filter(array_map(static fn (Window $window): ?int => $window->last, $windows[$student->id]));
            $people[$student->id] = [
                'states' => array_map(static fn (array $cell): int => $places[$cell[1]->value], $stand[$student->id]),
                'last' => $last === [] ? null : max($last),
                'next' => self::heaviest(
                    $pool->tickets($cores[$student->id], $student->rank->goal_rung, $windows[$student->id]),
                )?->key->text,
                'moves' => $moves[$student->id]->short(),
            ];
        }

        return $people;
    }

    /**
     * @param list<Cell>            $cells   all of the catalogue
     * @param array<string, Window> $windows by the cell's key
     *
     * @return array<string, array{string, ProofState}> what it is called and how it stands, of what the student’s rank
     *     needs
     */
    private function statesOf(Student $student, array $cells, array $windows): array
    {
        $order = $this->catalogue->rankOrder();
        [$rank, $goal] = [$order[$student->rank->code], $student->rank->goal_rung];
        $isYouth = $student->isYouth($this->at);
        $states = [];
        foreach ($cells as $cell) {
            $need = $cell->attack->need->by($isYouth);
            if ($need !== null && $order[$need] <= $rank) {
                $key = $cell->key->text;
                $states[$key] = [
                    sided($cell->attack->title, $cell->side),
                    ($windows[$key] ?? null)?->state($goal, $this->at) ?? ProofState::Untried,
                ];
            }
        }

        return $states;
    }

    /** @param list<Ticket> $tickets */
    private static function heaviest(array $tickets): ?Cell
    {
        // The most first: once the heaviest is heavier than what is left could be, nothing else is weighed.
        usort($tickets, static fn (Ticket $a, Ticket $b): int => $b->most() <=> $a->most());
        $best = null;
        $weight = -1.0;
        foreach ($tickets as $ticket) {
            if ($ticket->most() <= $weight) {
                break;
            }
            [$best, $weight] = $ticket->weight() > $weight ? [$ticket, $ticket->weight()] : [$best, $weight];
        }

        return $best?->cell;
    }
}
