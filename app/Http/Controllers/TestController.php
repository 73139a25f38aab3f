<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanTest;
use App\Http\Requests\TestRequest;
use App\Models\Student;
use App\Models\Test;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\SeasonBook;
use App\View\Pdf;
use App\View\Tests\SeasonReal;
use App\View\Tests\SeasonView;
use App\View\Tests\TestPage;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Tests: planned for a rank, with who is examined and how ready each is. */
final readonly class TestController
{
    private const PAGE = 30;

    /** Days until the next test, where there was none yet. */
    private const AHEAD = 35;

    public function __construct(private CatalogueMapper $mapper, private PlanTest $plan) {}

    public function index(#[CurrentUser] User $user): View
    {
        $tests = $user->school->tests()->whereNull('cancelled_at')->with('rank')->withCount('candidates');
        $today = CarbonImmutable::now()->subDay();

        return view('tests.index', [
            'coming' => $tests->clone()->where('at', '>=', $today)->orderBy('at')->get(),
            'past' => $tests->clone()->where('at', '<', $today)->orderByDesc('at')->paginate(self::PAGE),
        ]);
    }

    public function create(#[CurrentUser] User $user): View
    {
        $test = new Test([
            'at' => CarbonImmutable::now($user->school->timeZone())->addDays(self::AHEAD)->setTime(10, 0)->utc(),
        ]);

        return view('tests.create', $this->form($test->setRelation('school', $user->school), $user));
    }

    public function store(TestRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $test = $this->plan->plan($user->school, $request->columns(), $request->candidates(), $user);

        return redirect()->route('tests.show', $test)->with('status', __('tests.planned'));
    }

    public function show(Test $test): View
    {
        return view('tests.show', ['test' => $test, 'page' => new TestPage($test, $this->mapper)]);
    }

    /** The way to it: worked out by a job, and looked for again until it is there. */
    public function season(Test $test, SeasonBook $seasons, SeasonReal $real): View
    {
        $test->load('candidates', 'rank');
        $hasFailed = $seasons->tellFailed($test);
        $found = $hasFailed ? null : $seasons->asked($test);

        return view('tests.season', [
            'test' => $test,
            'hasFailed' => $hasFailed,
            'share' => $seasons->share($test),
            'season' => $found === null
                ? null
                : new SeasonView($test->refresh()->load('candidates'), $found, $real->of($test)),
        ]);
    }

    public function edit(#[CurrentUser] User $user, Test $test): View
    {
        return view('tests.edit', $this->form($test, $user));
    }

    /** What it asks for is made anew where its rank changes or it is drawn otherwise, as long as nobody is marked. */
    public function update(TestRequest $request, #[CurrentUser] User $user, Test $test): RedirectResponse
    {
        $columns = $request->columns();
        $isOther = $columns['rank_id'] !== $test->rank->id || $columns['is_drawn'] !== $test->is_drawn;
        if ($isOther && $test->marks()->exists()) {
            return redirect()->route('tests.edit', $test)->withInput()->with('error', __('tests.begun'));
        }
        $saved = DB::transaction(function () use ($request, $user, $test, $columns, $isOther): bool {
            if (! $test->updateVersion($request->integer('version'), $columns, $user)) {
                return false;
            }
            if ($isOther) {
                $this->plan->fill($test->unsetRelations());
            }
            // Whoever is decided stays.
            $decided = $test->candidates()->wherePivotNotNull('result')->pluck('students.id')->all();
            $test
                ->candidates()
                ->sync(array_fill_keys([...$request->candidates(), ...$decided], ['school_id' => $test->school_id]));

            return true;
        });

        return $saved
            ? redirect()->route('tests.show', $test)->with('status', __('tests.saved'))
            : redirect()->route('tests.edit', $test)->withInput()->with('overtaken', true);
    }

    /** Calls it off: what was marked stays. */
    public function destroy(#[CurrentUser] User $user, Test $test): RedirectResponse
    {
        if (! $test->updateVersion($test->version, ['cancelled_at' => CarbonImmutable::now()], $user)) {
            return redirect()->route('tests.edit', $test)->with('overtaken', true);
        }

        return redirect()->route('tests.index')->with('status', __('tests.called-off'));
    }

    /** What is asked for and who is examined, on one page to mark by hand. */
    public function sheet(Test $test): Response
    {
        return Pdf::response(
            view('tests.sheet', ['test' => $test->load('items.attack', 'solos', 'candidates', 'rank')])->render(),
            $test->code,
        );
    }

    public function certificate(Test $test, Student $student): Response
    {
        $candidate = $test->candidates()->wherePivot('result', 'passed')->findOrFail($student->id);

        return Pdf::response(
            view('tests.certificate', ['test' => $test->load('rank', 'school'), 'student' => $candidate])->render(),
            "{$test->code}-{$student->code}",
            'landscape',
        );
    }

    /** @return array<string, mixed> */
    private function form(Test $test, User $user): array
    {
        return [
            'test' => $test,
            'ranks' => $user->school->ranks,
            'students' => $user->school->students()->with('rank')->get(),
            'chosen' => $test->exists ? $test->candidates()->pluck('students.id')->all() : [],
        ];
    }
}
