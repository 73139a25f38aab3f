<?php

declare(strict_types=1);

namespace App\View\Board;

use App\Models\School;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Proof\ProofState;

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

    /**
     * @var list<array{student: Student, states: array<string, ProofState>, held: int, needed: int,
     *     last: ?CarbonImmutable, next: ?Cell, with: ?string, moves: string}> states by the cell's key, of what the
     *     student needs; moves are a few words of who is ready for another rung
     */
    public array $rows;

    /** @param Collection<int, Student> $students those of the group, with their ranks */
    public function __construct(
        School $school,
        Collection $students,
        CatalogueMapper $mapper,
        CoverageBook $coverages,
        private CarbonImmutable $at,
        string $sort,
        int $page = 1,
    ) {
        $cells = $coverages->of($school)->cells;
        $people = BoardPeople::of($school, $students, $mapper, $coverages, $at);
        $byKey = array_column(array_map(static fn (Cell $cell): array => [$cell->key->text, $cell], $cells), 1, 0);
        $rows = $needed = [];
        foreach ($students as $student) {
            $told = $people[$student->id];
            $needed += $told['states'];
            $rows[] = [
                'student' => $student,
                'states' => $told['states'],
                'held' => count(
                    array_filter($told['states'], static fn (ProofState $state): bool => $state === ProofState::Holds),
                ),
                'needed' => count($told['states']),
                'last' => $told['last'] === null ? null : CarbonImmutable::createFromTimestamp($told['last']),
                'next' => $told['next'] === null ? null : $byKey[$told['next']],
                'moves' => $told['moves'],
            ];
        }
        $all = array_values(array_filter($cells, static fn (Cell $cell): bool => isset($needed[$cell->key->text])));
        $this->count = count($all);
        // One page more than it takes would be a page of a few.
        $this->pages = $this->count <= 1.5 * self::MAX_LINES ? 1 : (int) ceil($this->count / self::MAX_LINES);
        $this->page = max(1, min($this->pages, $page));
        $this->cells
            = $this->pages === 1 ? $all : array_slice($all, ($this->page - 1) * self::MAX_LINES, self::MAX_LINES);
        $this->rows = $this->sorted(
            array_map(
                static fn (array $row, int $place): array => [
                    ...$row,
                    'with' => self::partner($row['next'], $place, $rows),
                ],
                $rows,
                array_keys($rows),
            ),
            $sort,
        );
    }

    /** What it shows of reps: another name as soon as anybody stands differently. */
    public function mark(): string
    {
        return hash(
            'xxh128',
            serialize(
                array_map(
                    fn (array $row): array => [
                        $row['student']->id, $row['states'], $this->about($row), $this->next($row),
                        $this->partnerOf($row), $row['moves'],
                    ],
                    $this->rows,
                ),
            ),
        );
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
        $lines = array_map(
            fn (Cell $cell): BoardRow => new BoardRow(
                $cell->attack->id,
                sided($cell->attack->title, $cell->side),
                __('attack.families.'.$cell->attack->kind->family->value),
                array_map(static fn (array $row): ?ProofState => $row['states'][$cell->key->text] ?? null, $this->rows),
                $names,
            ),
            $this->cells,
        );

        return array_merge(
            ...array_values(
                array_map(
                    static fn (Collection $family): array => $family->all(),
                    collect($lines)->groupBy('family')->all(),
                ),
            ),
        );
    }

    /** @return list<string> of the table in words */
    public function tableHead(): array
    {
        return [
            __('words.attack'),
            ...array_map(
                static fn (ProofState $state): string => __('proof.states.'.$state->value),
                ProofState::cases(),
            ),
        ];
    }

    /** Addresses of the students' pages, one after the other, parted by blanks. */
    public function people(): string
    {
        return implode(
            ' ',
            array_map(static fn (array $row): string => route('students.show', $row['student'], false), $this->rows),
        );
    }

    public function width(): int
    {
        return BoardRow::PLACE * count($this->rows);
    }

    /** @return list<array{x: int|float, number: int, name: string}> above the places, from left to right */
    public function heads(): array
    {
        return array_map(
            fn (int $place): array => [
                'x' => BoardRow::PLACE * $place + BoardRow::PLACE / 2,
                'number' => $place + 1,
                'name' => $this->rows[$place]['student']->name,
            ],
            array_keys($this->rows),
        );
    }

    /** @param array{student: Student, last: ?CarbonImmutable, ...} $row */
    public function about(array $row): string
    {
        return $row['student']->rank->name
            .', '
            .($row['last'] === null ? __('board.no-rep') : __('board.last', ['day' => $row['last']->format('j M')]));
    }

    /** @param array{next: ?Cell, ...} $row */
    public function next(array $row): string
    {
        return $row['next'] === null
            ? __('board.nothing-next')
            : sided($row['next']->attack->title, $row['next']->side);
    }

    /** @param array{next: ?Cell, with: ?string, ...} $row */
    public function partnerOf(array $row): string
    {
        return $row['next'] === null || $row['with'] === null ? '' : __('board.with', ['name' => $row['with']]);
    }

    /**
     * Somebody of the group who holds it, or the next one who needs it too.
     *
     * @param int                                                                    $place of whoever is asked for
     * @param list<array{student: Student, states: array<string, ProofState>, ...}> $rows
     */
    private static function partner(?Cell $cell, int $place, array $rows): ?string
    {
        if ($cell === null) {
            return null;
        }
        $key = $cell->key->text;
        // From the one after the student on, so that not everybody is sent to the first.
        $others = array_values(
            array_filter(
                [...array_slice($rows, $place + 1), ...array_slice($rows, 0, $place)],
                static fn (array $row): bool => isset($row['states'][$key]),
            ),
        );
        $with = array_find($others, static fn (array $row): bool => $row['states'][$key] === ProofState::Holds)
        ?? ($others[0] ?? null);

        return $with === null ? null : $with['student']->name;
    }

    /**
     * @param list<array{student: Student, states: array<string, ProofState>, held: int, needed: int,
     *     last: ?CarbonImmutable, next: ?Cell, with: ?string, moves: string}> $rows by name
     *
     * @return list<array{student: Student, states: array<string, ProofState>, held: int, needed: int,
     *     last: ?CarbonImmutable, next: ?Cell, with: ?string, moves: string}>
     */
    private function sorted(array $rows, string $sort): array
    {
        $share = static fn (array $row): float => $row['needed'] === 0 ? 1.0 : $row['held'] / $row['needed'];
        match ($sort) {
            'held' => usort($rows, static fn (array $a, array $b): int => $share($a) <=> $share($b)),
            'last' => usort(
                $rows,
                static fn (array $a, array $b): int => ($a['last']?->getTimestamp() ?? 0)
                    <=> ($b['last']?->getTimestamp() ?? 0),
            ),
            default => null,
        };

        return $rows;
    }
}
