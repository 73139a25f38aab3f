<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordedRep;
use App\Actions\RecordReps;
use App\Http\Requests\RepRequest;
use App\Models\Attack;
use App\Models\Rep;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\WindowBook;
use App\View\Board\ProofLine;
use App\View\Ladder\LadderPicture;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Window;

/** Recording on the mat, in three touches: who, against what, how it went. */
final readonly class RepController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function index(Request $request): View
    {
        $school = $request->user()->school;

        return view('reps.index', ['students' => $school->students()->with('rank')->get(), 'ranks' => $school->ranks]);
    }

    public function attacks(Request $request, Student $student): View
    {
        $this->authorizeStudent($request, $student);
        $school = $request->user()->school;
        $catalogue = $this->mapper->curriculum($school);
        $now = CarbonImmutable::now();
        $ladder = new LadderPicture($catalogue, $this->mapper->student($student), (new WindowBook($school, $catalogue))->of([$student->id], $now)[$student->id], $now);

        return view('reps.attacks', [
            'student' => $student,
            'columns' => $ladder->neediest(),
            'goal' => $ladder->goal,
            'attackIds' => $school->attacks->pluck('id', 'code'),
        ]);
    }

    public function create(Request $request, Student $student, Attack $attack, string $side): View
    {
        $this->authorizeStudent($request, $student);
        abort_unless($request->user()->can('view', $attack) && Side::tryFrom($side) !== null, 404);

        return $this->form($request, $student, $attack, Side::from($side), $student->rank->goal_rung, null);
    }

    /** The same form, for a rep that takes the place of one recorded wrongly. */
    public function correct(Request $request, Rep $rep): View|RedirectResponse
    {
        if ($request->user()->school->reps()->where('replaces', $rep->id)->exists()) {
            return redirect()->route('students.show', $rep->student_id)->with('wrong', 'This rep is corrected already; correct the later one.');
        }

        return $this->form($request, $rep->student, $rep->attack, Side::from($rep->side), $rep->rung, $rep);
    }

    public function store(RepRequest $request): RedirectResponse
    {
        $values = $request->validated();
        $student = Student::query()->findOrFail($values['student_id']);
        $result = (new RecordReps($request->user()->school, $request->user()))->record($values);
        if (! $result->stored) {
            return $this->tell($request, $result, $student);
        }
        $attack = Attack::query()->findOrFail($values['attack_id']);

        return redirect()->route('record.attacks', $student)
            ->with('said', "Recorded: {$student->name}, {$attack->title}, rung {$values['rung']}, {$values['outcome']}.")
            ->with('correctable', $values['id']);
    }

    /** Says why a rep is not in the log, and leads to the form again with what was chosen. */
    private function tell(RepRequest $request, RecordedRep $result, Student $student): RedirectResponse
    {
        $values = $request->validated();
        $form = isset($values['replaces'])
            ? redirect()->route('reps.correct', $result->other->id ?? $values['replaces'])
            : redirect()->route('record.outcome', [$student, $values['attack_id'], $values['side']]);

        return $form->withInput($request->except('_token', 'id', 'replaces'))->with('wrong', $result->why)->with('correctable', $result->other?->id);
    }

    private function form(Request $request, Student $student, Attack $attack, Side $side, int $rung, ?Rep $replaced): View
    {
        $school = $request->user()->school;
        $catalogue = $this->mapper->curriculum($school);
        $now = CarbonImmutable::now();
        $cells = array_filter(Coverage::of($catalogue)->cells, static fn ($cell): bool => $cell->attack->id === $attack->code && $cell->side === $side);
        abort_if($cells === [], 404);
        $answers = $school->answers->whereIn('code', array_values($cells)[0]->answers);

        return view('reps.create', [
            'id' => (string) Str::uuid(),
            'student' => $student,
            'attack' => $attack,
            'side' => $side,
            'hasSides' => count(array_values($cells)[0]->attack->sides()) > 1,
            'cautions' => array_values($cells)[0]->attack->allCautions(),
            'rungs' => $this->mapper->ladder($school)->rungs,
            'rung' => $rung,
            'answers' => $answers->values(),
            'mistakes' => $answers->pluck('mistakes')->flatten()->unique()->values(),
            'outcomes' => Outcome::cases(),
            'replaced' => $replaced,
            'proof' => new ProofLine($this->mapper->student($student), array_values($cells)[0]->attack, $side, $student->rank->goal_rung, (new WindowBook($school, $catalogue))->of([$student->id], $now)[$student->id][$attack->code.' '.$side->value] ?? Window::empty(), $now),
        ]);
    }

    private function authorizeStudent(Request $request, Student $student): void
    {
        abort_unless($request->user()->can('view', $student), 404);
    }
}
