<?php

declare(strict_types=1);

namespace App\View\Ladder;

use App\View\Board\ProofLine;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\Window;

/** What comes next on a ladder: what to drill, what fades soon, what one clean try would complete. */
final readonly class ComingUp
{
    private const NEXT = 3;

    /** Days within which what fades is told. */
    private const FADING = 30;

    /** @var list<array{title: string, why: string}> what is to be drilled next, the heaviest first */
    public array $next;

    /** @var list<array{title: string, day: string}> what fades soon, the first to fade first */
    public array $fading;

    /** @var list<string> what one more clean try would complete */
    public array $nearly;

    /** @param array<string, Window> $windows what is kept of the student’s reps, by the cell's key */
    public function __construct(
        LadderPicture $ladder,
        Pool $pool,
        private Student $student,
        private array $windows,
        private CarbonImmutable $now,
    ) {
        $this->next = $this->next($pool, $ladder->goal);
        $this->fading = $this->fading($ladder);
        $near = array_filter(
            $ladder->rows,
            fn (LadderRow $row): bool => (
                $this->windows[CellKey::of($row->attack, $row->side)->text] ?? null
            )?->lacksOne($ladder->goal, $this->now) ?? false,
        );
        $this->nearly = array_values(array_map(static fn (LadderRow $row): string => $row->title(), $near));
    }

    /** @return list<array{title: string, why: string}> */
    private function next(Pool $pool, int $goal): array
    {
        $tickets = collect($pool->tickets($this->student, $goal, $this->windows))
            ->sortByDesc(static fn (Ticket $ticket): float => $ticket->weight())
            ->take(self::NEXT);

        return array_values(
            $tickets
                ->map(
                    fn (Ticket $ticket): array => [
                        'title' => sided($ticket->cell->attack->title, $ticket->cell->side),
                        'why' => (new ProofLine(
                            $this->student,
                            $ticket->cell->attack,
                            $ticket->cell->side,
                            $goal,
                            $this->windows[$ticket->cell->key->text] ?? Window::empty(),
                            $this->now,
                        ))->text(),
                    ],
                )
                ->all(),
        );
    }

    /** @return list<array{title: string, day: string}> */
    private function fading(LadderPicture $ladder): array
    {
        $until = $this->now->addDays(self::FADING);
        $fading = array_filter(
            $ladder->rows,
            static fn (LadderRow $row): bool => $row->fadesOn !== null && $row->fadesOn <= $until,
        );
        usort($fading, static fn (LadderRow $a, LadderRow $b): int => $a->fadesOn <=> $b->fadesOn);

        return array_map(
            static fn (LadderRow $row): array => [
                'title' => $row->title(),
                'day' => $row->fadesOn?->format('j M') ?? '',
            ],
            $fading,
        );
    }
}
