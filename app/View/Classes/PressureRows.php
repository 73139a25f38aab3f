<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Student;
use App\Models\TrainingClass;
use App\Persistence\PersonShelf;
use App\Persistence\Revision;
use App\View\Ladder\RungMoves;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Drill\Draw;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\Window;

/**
 * What each who comes to a class should be drilled on under pressure, what is left out, and what is for another rung.
 */
final readonly class PressureRows
{
    /** Sides of attacks for another rung that are told of each student. */
    private const MOVES = 3;

    /**
     * @param Collection<int, Student>             $students
     * @param array<int, CoreStudent>              $people   the same as the core knows them, by the id of the row
     * @param array<string, array<string, Window>> $windows  by code of the student, then the cell's key
     * @param CarbonImmutable                      $until    reps until then count
     * @param array<array-key, list<string>>       $drills   keys of cells that the ways to tests have somebody drill,
     *     by code of the student
     */
    public function __construct(
        private TrainingClass $class,
        private Collection $students,
        private array $people,
        private array $windows,
        private Pool $pool,
        private Catalogue $catalogue,
        private CarbonImmutable $until,
        private array $drills,
    ) {}

    /**
     * @return list<array{name: string, next: string, out: string, moves: list<string>, test: string}> with what is
     *     drilled for a coming test
     */
    public function rows(): array
    {
        $school = $this->class->school;
        $shelf = new PersonShelf(
            $school,
            "pressure-{$this->class->id}",
            Revision::ofCurriculum($school)." {$this->class->at->getTimestamp()}",
            CarbonImmutable::now(),
            $this->until,
            $this->pool->prepared,
        );
        $ids = array_values($this->students->map(static fn (Student $student): int => $student->id)->all());

        $told = $shelf->of($ids, fn (array $new): array => $this->of($this->students->whereIn('id', $new)));

        return array_values(
            $this->students
                ->map(fn (Student $student): array => [...$told[$student->id], 'test' => $this->forTest($student)])
                ->all(),
        );
    }

    private function forTest(Student $student): string
    {
        $cells = array_map(CellKey::read(...), $this->drills[$student->code] ?? []);

        return $cells === []
            ? ''
            : __('classes.drilled-for-test', [
                'attacks' => implode(
                    '; ',
                    array_map(
                        fn (CellKey $cell): string => sided(
                            $this->catalogue->attack($cell->attack)->title,
                            $cell->side,
                        ),
                        $cells,
                    ),
                ),
            ]);
    }

    /**
     * @param Collection<int, Student> $students
     *
     * @return array<int, array{name: string, next: string, out: string, moves: list<string>}> by the id of the row
     */
    private function of(Collection $students): array
    {
        $tickets = $students
            ->mapWithKeys(
                fn (Student $student): array => [
                    $student->id => $this->pool->tickets(
                        $this->people[$student->id],
                        $student->rank->goal_rung,
                        $this->windows[$student->code],
                    ),
                ],
            )
            ->all();
        $titles = array_map(
            static fn (array $own): array => collect($own)
                ->mapWithKeys(
                    static fn (Ticket $ticket): array => [
                        $ticket->cell->key->text => sided($ticket->cell->attack->title, $ticket->cell->side),
                    ],
                )
                ->all(),
            $tickets,
        );
        $windows = $students
            ->mapWithKeys(fn (Student $student): array => [$student->id => $this->windows[$student->code]])
            ->all();
        $moves = RungMoves::of(
            $this->class->school,
            $this->catalogue->ladder,
            $titles,
            $windows,
            CarbonImmutable::instance($this->class->at),
            $this->until,
        );

        return $students
            ->mapWithKeys(function (Student $student) use ($tickets, $moves): array {
                $own = $tickets[$student->id];
                $next = collect($own)->sortByDesc(static fn (Ticket $ticket): float => $ticket->weight())->first();
                $barred = $this->pool->countBarred($this->people[$student->id]);

                return [
                    $student->id => [
                        'name' => $student->name,
                        'next' => $next === null
                            ? __('classes.nothing')
                            : __('classes.next', [
                                'attack' => $next->cell->attack->title,
                                'rung' => $student->rank->goal_rung,
                                'side' => __("words.sides.{$next->cell->side->value}"),
                                'count' => count($own),
                                'bits' => number_format(Draw::of($own)->entropy(), 1),
                            ]),
                        'out' => $barred === 0 ? '' : trans_choice('classes.left-out', $barred),
                        'moves' => $moves[$student->id]->lines(self::MOVES),
                    ],
                ];
            })
            ->all();
    }
}
