<?php

declare(strict_types=1);

namespace App\View\Board;

use App\Models\School;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\WindowBook;
use App\View\Ladder\RungMoves;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Window;

/** A group at a glance: who holds what at the goal rung of their rank, what each should drill next, and with whom. */
final readonly class Board
{
    public const SORTS = ['name', 'held', 'last'];

    /** Sides of attacks that are shown at once. */
    private const MAX_LINES = 80;

    /** @var list<Cell> what somebody of the group needs, or a page of it */
    public array $cells;

    /** How many pages of lines there are, and which one is shown, from 1. */
    public int $pages;
    public int $page;

    /** How many lines there are in all. */
    public int $count;

    /** @var list<array{student: Student, states: array<string, ProofState>, held: int, needed: int, last: ?CarbonImmutable, next: ?Cell, with: ?string, moves: string}> states by the cell's key, of what the student needs; moves are a few words of who is ready for another rung */
    public array $rows;

    private Catalogue $catalogue;

    /** @param Collection<int, Student> $students those of the group, with their ranks */
    public function __construct(School $school, Collection $students, CatalogueMapper $mapper, CoverageBook $coverages, private CarbonImmutable $at, string $sort, int $page = 1)
    {
        $this->catalogue = $mapper->curriculum($school);
        $cells = $coverages->of($school)->cells;
        $windows = (new WindowBook($school, $this->catalogue))->of(array_values($students->map(static fn (Student $student): int => $student->id)->all()), $at);
        $pool = $coverages->pool($school, $at);
        $named = [];
        foreach ($cells as $cell) {
            $named[$cell->key->text] = sided($cell->attack->title, $cell->side);
        }
        $rows = $tickets = $needed = $titles = [];
        foreach ($students as $student) {
            $states = $this->statesOf($student, $cells, $windows[$student->id]);
            $needed += $states;
            $titles[$student->id] = array_intersect_key($named, $states);
            $last = array_filter(array_map(static fn (Window $window): ?int => $window->last, $windows[$student->id]));
            $tickets[$student->id] = $this->heaviest($pool->tickets($mapper->student($student), $student->rank->goal_rung, $windows[$student->id]));
            $rows[] = [
                'student' => $student,
                'states' => $states,
                'held' => count(array_filter($states, static fn (ProofState $state): bool => $state === ProofState::Holds)),
                'needed' => count($states),
                'last' => $last === [] ? null : CarbonImmutable::createFromTimestamp(max($last)),
            ];
        }
        $moves = RungMoves::of($school, $this->catalogue->ladder, $titles, $windows, $at);
        $all = array_values(array_filter($cells, static fn (Cell $cell): bool => isset($needed[$cell->key->text])));
        $this->count = count($all);
        // One page more than it takes would be a page of a few.
        $this->pages = $this->count <= 1.5 * self::MAX_LINES ? 1 : (int) ceil($this->count / self::MAX_LINES);
        $this->page = max(1, min($this->pages, $page));
        $this->cells = $this->pages === 1 ? $all : array_slice($all, ($this->page - 1) * self::MAX_LINES, self::MAX_LINES);
        $this->rows = $this->sorted(array_map(fn (array $row): array => [...$row, 'next' => $tickets[$row['student']->id], 'with' => $this->partner($row['student'], $tickets[$row['student']->id], $rows), 'moves' => $moves[$row['student']->id]->short()], $rows), $sort);
    }

    /**
     * @param list<Cell>            $cells
     * @param array<string, Window> $windows by the cell's key
     *
     * @return array<string, ProofState> of what the student’s rank needs
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
                $states[$key] = ($windows[$key] ?? null)?->state($goal, $this->at) ?? ProofState::Untried;
            }
        }

        return $states;
    }

    public function hasPrevious(): bool
    {
        return $this->page > 1;
    }

    public function hasNext(): bool
    {
        return $this->page < $this->pages;
    }

    /** @param int $step pages on; back below 0 */
    public function pageUrl(int $step): string
    {
        return request()->fullUrlWithQuery(['attacks' => $this->page + $step]);
    }

    /** @return list<BoardRow> a line for each side of an attack that is shown, a family after the other */
    public function lines(): array
    {
        $names = array_map(static fn (array $row): string => $row['student']->name, $this->rows);
        $lines = array_map(fn (Cell $cell): BoardRow => new BoardRow(
            $cell->attack->id,
            sided($cell->attack->title, $cell->side),
            __('attack.families.'.$cell->attack->kind->family->value),
            array_map(static fn (array $row): ?ProofState => $row['states'][$cell->key->text] ?? null, $this->rows),
            $names,
        ), $this->cells);

        return array_merge(...array_values(array_map(static fn (Collection $family): array => $family->all(), collect($lines)->groupBy('family')->all())));
    }

    /** @return list<string> of the table in words */
    public function tableHead(): array
    {
        return [__('words.attack'), ...array_map(static fn (ProofState $state): string => __('proof.states.'.$state->value), ProofState::cases())];
    }

    /** Addresses of the students' pages, one after the other, parted by blanks. */
    public function people(): string
    {
        return implode(' ', array_map(static fn (array $row): string => route('students.show', $row['student'], false), $this->rows));
    }

    public function width(): int
    {
        return BoardRow::PLACE * count($this->rows);
    }

    /** @return list<array{x: int|float, number: int, name: string}> above the places, from left to right */
    public function heads(): array
    {
        return array_map(fn (int $place): array => ['x' => BoardRow::PLACE * $place + BoardRow::PLACE / 2, 'number' => $place + 1, 'name' => $this->rows[$place]['student']->name], array_keys($this->rows));
    }

    /** @param array{student: Student, last: ?CarbonImmutable, ...} $row */
    public function about(array $row): string
    {
        return $row['student']->rank->name.', '.($row['last'] === null ? __('board.no-rep') : __('board.last', ['day' => $row['last']->format('j M')]));
    }

    /** @param array{next: ?Cell, ...} $row */
    public function next(array $row): string
    {
        return $row['next'] === null ? __('board.nothing-next') : sided($row['next']->attack->title, $row['next']->side);
    }

    /** @param array{next: ?Cell, with: ?string, ...} $row */
    public function partnerOf(array $row): string
    {
        return $row['next'] === null || $row['with'] === null ? '' : __('board.with', ['name' => $row['with']]);
    }

    /** @param list<Ticket> $tickets */
    private function heaviest(array $tickets): ?Cell
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

    /**
     * Somebody of the group who holds it, or the next one who needs it too.
     *
     * @param list<array{student: Student, states: array<string, ProofState>, ...}> $rows
     */
    private function partner(Student $student, ?Cell $cell, array $rows): ?string
    {
        // From the one after the student on, so that not everybody is sent to the first.
        $place = (int) array_search($student, array_column($rows, 'student'), true);
        $rows = [...array_slice($rows, $place + 1), ...array_slice($rows, 0, $place)];
        $key = $cell === null ? '' : $cell->key->text;
        $others = array_filter($rows, static fn (array $row): bool => isset($row['states'][$key]));
        usort($others, static fn (array $a, array $b): int => ($b['states'][$key] === ProofState::Holds) <=> ($a['states'][$key] === ProofState::Holds));

        return ($others[0] ?? null)['student']->name ?? null;
    }

    /**
     * @param list<array{student: Student, states: array<string, ProofState>, held: int, needed: int, last: ?CarbonImmutable, next: ?Cell, with: ?string, moves: string}> $rows by name
     *
     * @return list<array{student: Student, states: array<string, ProofState>, held: int, needed: int, last: ?CarbonImmutable, next: ?Cell, with: ?string, moves: string}>
     */
    private function sorted(array $rows, string $sort): array
    {
        $share = static fn (array $row): float => $row['needed'] === 0 ? 1.0 : $row['held'] / $row['needed'];
        match ($sort) {
            'held' => usort($rows, static fn (array $a, array $b): int => $share($a) <=> $share($b)),
            'last' => usort($rows, static fn (array $a, array $b): int => ($a['last']?->getTimestamp() ?? 0) <=> ($b['last']?->getTimestamp() ?? 0)),
            default => null,
        };

        return $rows;
    }
}
