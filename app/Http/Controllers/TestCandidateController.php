<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DecideTest;
use App\Actions\MarkTest;
use App\Http\Requests\MarksRequest;
use App\Models\Student;
use App\Models\Test;
use App\Models\TestItem;
use App\Models\User;
use App\View\Tests\TestSheet;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Proof\Outcome;

/** One candidate of a test: marked by each examiner, settled where they differ, decided by the rule. */
final readonly class TestCandidateController
{
    public function show(#[CurrentUser] User $user, Test $test, Student $student): View
    {
        $candidate = $test->candidates()->findOrFail($student->id);

        return view('tests.candidate', [
            'test' => $test->load('items.attack', 'rank'),
            'student' => $candidate,
            'sheet' => TestSheet::of($test, $candidate),
            'examiner' => $user,
            'outcomes' => Outcome::cases(),
        ]);
    }

    public function mark(
        MarksRequest $request,
        MarkTest $action,
        #[CurrentUser]
        User $user,
        Test $test,
        Student $student,
    ): RedirectResponse {
        $action->mark($test, $request->marks(), $user);
        $action->markSolos($test, $request->soloMarks(), $user);

        return redirect()
            ->route('tests.candidate', [$test, $student])
            ->with('status', __('tests.marked'));
    }

    public function settle(
        Request $request,
        MarkTest $action,
        #[CurrentUser]
        User $user,
        Test $test,
        Student $student,
        TestItem $testItem,
    ): RedirectResponse {
        abort_unless($testItem->getAttribute('test_id') === $test->id, 404);
        $values = $request->validate([
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'attempt' => ['required', 'integer', 'between:1,'.TestStandard::MAX_SHOWINGS],
        ]);
        $test->candidates()->findOrFail($student->id);
        $action->settle($test, $testItem, $student->id, (int) $values['attempt'], $values['outcome'], $user);

        return redirect()->to(route('tests.candidate', [$test, $student]).'#decision');
    }

    public function decide(
        Request $request,
        DecideTest $action,
        #[CurrentUser]
        User $user,
        Test $test,
        Student $student,
    ): RedirectResponse {
        $values = $request->validate([
            'retest_on' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:today', 'before:2100-01-01'],
        ]);
        $test->candidates()->findOrFail($student->id);
        $sheet = TestSheet::of($test, $student);
        $back = redirect()->route('tests.candidate', [$test, $student]);
        if (! $sheet->isMarked() || $sheet->differing() !== []) {
            return $back->with('error', __($sheet->isMarked() ? 'tests.settle-first' : 'tests.mark-first'));
        }
        $result = $action->decide(
            $test,
            $student,
            isset($values['retest_on']) ? CarbonImmutable::parse($values['retest_on']) : null,
            $user,
        )->result;

        return $back->with(
            'status',
            __($result->isPassed ? 'tests.passed' : 'tests.retest', [
                'name' => $student->name,
                'rank' => $test->rank->name,
            ]),
        );
    }

    public function reopen(DecideTest $action, Test $test, Student $student): RedirectResponse
    {
        $test->candidates()->findOrFail($student->id);
        $action->takeBack($test, $student);

        return redirect()
            ->route('tests.candidate', [$test, $student])
            ->with('status', __('tests.reopened'));
    }
}
