<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MarkSolo;
use App\Http\Requests\SoloMarkRequest;
use App\Models\Solo;
use App\Models\SoloMark;
use App\Models\Student;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\View\Solos\SoloPage;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Solo\Mark;

/** How students do a basic or a form: many at once, or one with what was seen. */
final readonly class SoloMarkController
{
    /** For how long practice at home is told. */
    private const WEEKS = 4;

    public function __construct(private MarkSolo $action) {}

    public function many(Request $request, #[CurrentUser] User $user, Solo $solo): RedirectResponse
    {
        $values = $request->validate([
            'marks' => ['present', 'array', 'max:2000'],
            'marks.*' => ['nullable', Rule::enum(Mark::class)],
        ]);
        $marks = array_map(Mark::from(...), array_filter($values['marks']));
        $this->action->many($solo, $marks, $user);

        return redirect()->route('basics.show', $solo)->with('status', trans_choice('solos.marked', count($marks)));
    }

    public function show(CatalogueMapper $mapper, Solo $solo, Student $student): View
    {
        return view('solos.mark', [
            'solo' => $solo->load('rank'),
            'student' => $student,
            'page' => new SoloPage($solo, $mapper),
            'marks' => $solo->marks()->where('student_id', $student->id)->with('markedBy')->limit(30)->get(),
            'practised' => $student
                ->practices()
                ->where('solo_id', $solo->id)
                ->where('at', '>=', CarbonImmutable::now()->subWeeks(self::WEEKS))
                ->count(),
            'weeks' => self::WEEKS,
        ]);
    }

    public function store(
        SoloMarkRequest $request,
        #[CurrentUser]
        User $user,
        Solo $solo,
        Student $student,
    ): RedirectResponse {
        $this->action->one($solo, $student, $request->mark(), $request->mistakes(), $request->beats(), $user);

        return redirect()
            ->route('basics.student', [$solo, $student])
            ->with('status', trans_choice('solos.marked', 1));
    }

    public function destroy(Solo $solo, Student $student, SoloMark $mark): RedirectResponse
    {
        abort_unless($mark->solo_id === $solo->id && $mark->student_id === $student->id, 404);
        $this->action->takeBack($mark);

        return redirect()
            ->route('basics.student', [$solo, $student])
            ->with('status', __('solos.taken-back'));
    }
}
