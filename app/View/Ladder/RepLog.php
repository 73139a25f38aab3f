<?php

declare(strict_types=1);

namespace App\View\Ladder;

use App\Models\Attack;
use App\Models\Rep;
use App\Models\Student;
use App\View\Record\LogLine;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Curriculum\Ladder;

/** A student's reps, or those against one attack: the latest along time, and all of them page by page. */
final readonly class RepLog
{
    /** Lines at once. */
    private const PAGE = 30;

    /** @var LengthAwarePaginator<int, Rep> the newest first */
    public LengthAwarePaginator $reps;

    /** @var list<LogLine> of the page */
    public array $lines;

    public Timeline $timeline;

    /**
     * @var Collection<int, string> titles of the attacks that the student has tried, by the id of the row, in the order
     *     of the alphabet
     */
    public Collection $tried;

    /** @param ?Attack $attack the only one whose reps are shown; null for all of them */
    public function __construct(Student $student, public ?Attack $attack, Ladder $ladder, CarbonImmutable $at)
    {
        $titles = $student->school->attacks()->toBase()->pluck('title', 'id')->all();
        $reps = $student
            ->reps()
            ->when($attack, static fn (Builder $query) => $query->where('attack_id', $attack?->id))
            ->orderByDesc('at')
            ->orderByDesc('id');
        $this->reps = $reps
            ->clone()
            ->with(['recordedBy', 'attacker'])
            ->paginate(self::PAGE, total: $attack === null ? $student->countReps() : null)
            ->withPath(route('students.show', $student))
            ->withQueryString();
        $this->reps->fragment('timeline');
        $this->lines = LogLine::page($this->reps, $titles);
        $this->timeline = new Timeline(
            $reps
                ->clone()
                ->standing()
                ->limit(Timeline::MAX)
                ->toBase()
                ->get(['at', 'attack_id', 'side', 'rung', 'outcome', 'mistakes', 'source']),
            $titles,
            $ladder,
            $at,
        );
        // Kept for each that was ever tried: the reps themselves are not asked.
        $this->tried = collect($titles)
            ->only(
                DB::table('proof_windows')
                    ->where('school_id', $student->school_id)
                    ->where('student_id', $student->id)
                    ->distinct()
                    ->pluck('attack_id')
                    ->all(),
            )
            ->sort();
    }

    /** Whether whoever looks may correct what is shown. */
    public function isCorrectable(): bool
    {
        return $this->lines !== [] && auth()->user()?->can('correct', $this->lines[0]->rep) === true;
    }
}
