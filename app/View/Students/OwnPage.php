<?php

declare(strict_types=1);

namespace App\View\Students;

use App\Models\Student;
use App\Models\Test;
use App\Models\TrainingClass;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\WindowBook;
use App\View\Board\ProofLine;
use App\View\Home\HomeWeek;
use App\View\Ladder\LadderColumn;
use App\View\Ladder\LadderPicture;
use App\View\Solos\StudentSolos;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\Readiness;

/** A student's own page: what comes next, what fades, what is nearly there, and how the ladder stands. Nothing of anybody else. */
final readonly class OwnPage
{
    private const NEXT = 3;

    /** Days within which what fades is told. */
    private const FADING = 30;

    private Catalogue $catalogue;

    private CoreStudent $core;

    /** @var array<string, Window> by the cell's key */
    private array $windows;

    public LadderPicture $ladder;

    public HomeWeek $week;

    public StudentSolos $solos;

    /** @var list<array{title: string, why: string}> what is to be drilled next */
    public array $next;

    /** @var list<array{title: string, day: string}> what fades soon, the first to fade first */
    public array $fading;

    /** @var list<string> what one more clean try would complete */
    public array $nearly;

    public function __construct(public Student $student, private CatalogueMapper $mapper, private CoverageBook $coverages, private CarbonImmutable $now)
    {
        $school = $student->school;
        $this->catalogue = $mapper->curriculum($school);
        $this->core = $mapper->student($student);
        $this->windows = (new WindowBook($school, $this->catalogue))->of([$student->id], $now)[$student->id];
        $this->ladder = new LadderPicture($this->catalogue, $this->core, $this->windows, $now);
        $this->solos = new StudentSolos($student, $now);
        $this->week = new HomeWeek($student, $mapper, $now);
        [$this->next, $this->fading, $this->nearly] = [$this->next(), $this->fading(), $this->nearly()];
    }

    /** @return list<array{title: string, why: string}> */
    private function next(): array
    {
        $school = $this->student->school;
        $pool = new Pool($this->catalogue, $this->coverages->of($school)->cells, $this->catalogue->forYouth(), $this->coverages->forYouth($school)->cells, $this->now);
        $goal = $this->student->rank->goal_rung;
        $tickets = collect($pool->tickets($this->core, $goal, $this->windows))->sortByDesc(static fn (Ticket $ticket): float => $ticket->weight())->take(self::NEXT);

        return array_values($tickets->map(fn (Ticket $ticket): array => [
            'title' => $ticket->cell->attack->title.($ticket->cell->side->value === 'mirrored' ? __('words.in-brackets.mirrored') : ''),
            'why' => (new ProofLine($this->core, $ticket->cell->attack, $ticket->cell->side, $goal, $this->windows[$ticket->cell->key->text] ?? Window::empty(), $this->now))->text(),
        ])->all());
    }

    /** @return list<array{title: string, day: string}> */
    private function fading(): array
    {
        $until = $this->now->addDays(self::FADING);
        $fading = array_filter($this->ladder->columns, static fn (LadderColumn $column): bool => $column->fadesOn !== null && $column->fadesOn <= $until);
        usort($fading, static fn (LadderColumn $a, LadderColumn $b): int => $a->fadesOn <=> $b->fadesOn);

        return array_map(static fn (LadderColumn $column): array => ['title' => $column->title(), 'day' => $column->fadesOn?->format('j M') ?? ''], $fading);
    }

    /** @return list<string> */
    private function nearly(): array
    {
        $near = array_filter($this->ladder->columns, fn (LadderColumn $column): bool => ($this->windows[CellKey::of($column->attack, $column->side)->text] ?? null)?->lacksOne($this->ladder->goal, $this->now) ?? false);

        return array_values(array_map(static fn (LadderColumn $column): string => $column->title(), $near));
    }

    public function nextClass(): ?TrainingClass
    {
        return $this->student->school->classes()->whereNull('cancelled_at')->where('at', '>=', $this->now)
            ->where(fn (Builder $query) => $query->whereJsonLength('ranks', 0)->orWhereJsonContains('ranks', $this->student->rank->code))->orderBy('at')->first();
    }

    /** @return array{test: Test, ready: string}|null the next test that they are a candidate of, and how ready they are */
    public function nextTest(): ?array
    {
        $test = $this->student->tests()->whereNull('cancelled_at')->where('at', '>=', $this->now)->with('rank')->orderBy('at')->first();
        if ($test === null || ! $this->catalogueHas($test->rank->code)) {
            return null;
        }
        $catalogue = $this->core->isYouthOn($this->now) ? $this->catalogue->forYouth() : $this->catalogue;
        $chance = Readiness::of($catalogue, $catalogue->rank($test->rank->code), $this->windows, $this->now)->chance();

        return ['test' => $test, 'ready' => $chance === null ? '' : __('students.own.ready', ['percent' => ReadyFor::percent($chance)])];
    }

    private function catalogueHas(string $rank): bool
    {
        return isset($this->catalogue->rankOrder()[$rank]);
    }
}
