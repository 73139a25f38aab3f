<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordedRep;
use App\Actions\RecordReps;
use App\Http\Requests\RepRequest;
use App\Models\Attack;
use App\Models\Rep;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\WindowBook;
use App\View\Board\ProofLine;
use App\View\Ladder\LadderPicture;
use App\View\Record\RepForm;
use App\View\Record\RepFormFacts;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Proof\Window;

/** Recording on the mat, in three touches: who, against what, how it went. */
final readonly class RepController
{
    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages) {}

    public function index(#[CurrentUser] User $user): View
    {
        $school = $user->school;

        return view('reps.index', ['students' => $school->students()->with('rank')->get(), 'ranks' => $school->ranks]);
    }

    public function attacks(#[CurrentUser] User $user, Student $student): View
    {
        $school = $user->school;
        $catalogue = $this->mapper->curriculum($school);
        $now = CarbonImmutable::now();
        $ladder = new LadderPicture(
            $catalogue,
            $this->mapper->student($student),
            (new WindowBook($school, $catalogue))->of([$student->id], $now)[$student->id],
            $now,
        );

        return view('reps.attacks', [
            'student' => $student,
            'rows' => $ladder->neediest(),
            'goal' => $ladder->goal,
            'attackIds' => $school->attackIds(),
        ]);
    }

    public function create(#[CurrentUser] User $user, Student $student, Attack $attack, string $side): View
    {
        return $this->form($user->school, $student, $attack, Side::from($side), $student->rank->goal_rung, null);
    }

    /** The same form, for a rep that takes the place of one recorded wrongly. */
    public function correct(#[CurrentUser] User $user, Rep $rep): View|RedirectResponse
    {
        if ($user->school->reps()->where('replaces', $rep->id)->exists()) {
            return redirect()
                ->route('students.show', $rep->student_id)
                ->with('error', __('messages.corrected-already'));
        }

        return $this->form($user->school, $rep->student, $rep->attack, $rep->side, $rep->rung, $rep);
    }

    public function store(RepRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $values = $request->validated();
        $student = Student::query()->whereKey($values['student_id'])->firstOrFail();
        $result = (new RecordReps($user->school, $user))->record($values);
        if (! $result->stored) {
            return $this->tell($request, $result, $student);
        }
        $attack = Attack::query()->whereKey($values['attack_id'])->firstOrFail();

        return redirect()
            ->route('record.attacks', $student)
            ->with(
                'status',
                __('messages.recorded', [
                    'student' => $student->name,
                    'attack' => $attack->title,
                    'rung' => $values['rung'],
                    'outcome' => __('proof.outcome-names.'.$values['outcome']),
                ]),
            )
            ->with('correctable', $values['id']);
    }

    /** Says why a rep is not in the log, and leads to the form again with what was chosen. */
    private function tell(RepRequest $request, RecordedRep $result, Student $student): RedirectResponse
    {
        $values = $request->validated();
        $form = isset($values['replaces'])
            ? redirect()->route('reps.correct', $result->other->id ?? $values['replaces'])
            : redirect()->route('record.outcome', [$student, $values['attack_id'], $values['side']]);

        return $form
            ->withInput($request->except('_token', 'id', 'replaces'))
            ->with('error', $result->why)
            ->with('correctable', $result->other?->id);
    }

    private function form(School $school, Student $student, Attack $attack, Side $side, int $rung, ?Rep $replaced): View
    {
        $catalogue = $this->mapper->curriculum($school);
        $now = CarbonImmutable::now();
        $cell = array_find(
            $this->coverages->of($school)->cells,
            static fn (Cell $cell): bool => $cell->attack->id === $attack->code && $cell->side === $side,
        ) ?? abort(404);
        $windows = (new WindowBook($school, $catalogue))->of([$student->id], $now)[$student->id];
        $proof = new ProofLine(
            $this->mapper->student($student),
            $cell->attack,
            $side,
            $student->rank->goal_rung,
            $windows[(new CellKey($attack->code, $side))->text] ?? Window::empty(),
            $now,
        );

        return view('reps.create', [
            'student' => $student,
            'replaced' => $replaced,
            'form' => new RepForm(
                (string) Str::uuid(),
                $student,
                $attack->id,
                $cell,
                $rung,
                $school->answers->whereIn('code', $cell->answers)->values(),
                $replaced,
                new RepFormFacts($this->mapper->ladder($school), $proof),
            ),
        ]);
    }
}
