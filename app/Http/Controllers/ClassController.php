<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MarkAttendance;
use App\Http\Requests\AttendanceRequest;
use App\Http\Requests\BlocksRequest;
use App\Http\Requests\ClassRequest;
use App\Http\Requests\TaughtRequest;
use App\Models\TrainingClass;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\KeptPages;
use App\Persistence\Revision;
use App\Persistence\RevisionCache;
use App\Persistence\SchoolMapper;
use App\View\Classes\ClassDone;
use App\View\Classes\ClassPage;
use App\View\Classes\ForWhom;
use App\View\Classes\TakesHome;
use App\View\Classes\WhoComes;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\Timetable;
use StoneDrill\Core\Session\TimetableException;

/** Classes: planned in one press from who is expected, changed, and who came. */
final readonly class ClassController
{
    private const PAGE = 30;

    /** Hours after its beginning for which a class stays among the coming ones. */
    private const TONIGHT = 4;

    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private RevisionCache $kept,
    ) {}

    public function index(#[CurrentUser] User $user): View
    {
        $since = CarbonImmutable::now()->subHours(self::TONIGHT);
        $classes = $user->school->classes()->whereNull('cancelled_at');

        return view('classes.index', [
            'words' => new ForWhom($user->school),
            'coming' => $classes->clone()->where('at', '>=', $since)->orderBy('at')->limit(self::PAGE)->get(),
            'past' => $classes->clone()->where('at', '<', $since)->orderByDesc('at')->paginate(self::PAGE),
        ]);
    }

    public function create(#[CurrentUser] User $user): View
    {
        $last = $user->school->classes()->orderByDesc('at')->orderByDesc('id')->first();
        $next = CarbonImmutable::now($user->school->timeZone())->setTime(19, 0);
        $class = new TrainingClass([
            'at' => ($next->isPast() ? $next->addDay() : $next)->utc(),
            ...$last?->only('minutes', 'place', 'places', 'pads', 'instructors', 'ranks', 'ages', 'named') ?? [
                'minutes' => 60,
                'places' => 10,
                'instructors' => 1,
            ],
        ]);

        return view('classes.create', [
            'class' => $class->setRelation('school', $user->school),
            'ranks' => $user->school->ranks,
            'students' => $user->school->students()->with('rank')->get(),
        ]);
    }

    public function store(ClassRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $class = DB::transaction(
            static fn (): TrainingClass => $user->school
                ->classes()
                ->create([...$request->columns(), 'updated_by_id' => $user->id]),
        );

        return redirect()->route('classes.show', $class)->with('status', __('classes.planned'));
    }

    public function show(TrainingClass $class): View
    {
        $page = new ClassPage($class, $this->mapper, $this->coverages);
        if ($page->mayHaveBegun()) {
            // So that the part that tells what was done need not plan it again.
            $this->kept->keep(self::meantOf($class), Revision::ofClass($class), KeptPages::STANDS, $page->meant());
        }

        return view('classes.show', [
            'page' => $page,
            'class' => $class,
            'here' => $class->present->modelKeys(),
            'everybody' => $class->school->students()->with('rank')->get(),
        ]);
    }

    /** What was done beside what was planned, which each rep changes: the page of the class asks for it. */
    public function done(TrainingClass $class): View
    {
        $meant = $this->kept->of(
            self::meantOf($class),
            Revision::ofClass($class),
            KeptPages::STANDS,
            fn (): array => (new ClassPage($class, $this->mapper, $this->coverages))->meant(),
        );

        return view('classes.done', [
            'done' => new ClassDone($class, WhoComes::to($class), $meant['tries'], $meant['taught']),
        ]);
    }

    /** What each takes home, which takes long for many: the page of the class asks for it where it is looked at. */
    public function home(TrainingClass $class): View
    {
        return view('classes.home', ['home' => new TakesHome($class, WhoComes::byRank($class))]);
    }

    private static function meantOf(TrainingClass $class): string
    {
        return "class-meant:{$class->id}";
    }

    /** Tonight on one page, to print. */
    public function sheet(TrainingClass $class): View
    {
        return view('classes.sheet', [
            'page' => new ClassPage($class, $this->mapper, $this->coverages),
            'class' => $class,
        ]);
    }

    public function edit(#[CurrentUser] User $user, TrainingClass $class): View
    {
        return view('classes.edit', [
            'class' => $class,
            'ranks' => $user->school->ranks,
            'students' => $user->school->students()->with('rank')->get(),
        ]);
    }

    public function update(ClassRequest $request, #[CurrentUser] User $user, TrainingClass $class): RedirectResponse
    {
        if (! $class->updateVersion($request->integer('version'), $request->columns(), $user)) {
            return redirect()->route('classes.edit', $class)->withInput()->with('overtaken', true);
        }

        return redirect()->route('classes.show', $class)->with('status', __('classes.saved'));
    }

    /** Calls it off: who came stays, and calendars are told. */
    public function destroy(#[CurrentUser] User $user, TrainingClass $class): RedirectResponse
    {
        if (! $class->updateVersion($class->version, ['cancelled_at' => CarbonImmutable::now()], $user)) {
            return redirect()->route('classes.edit', $class)->with('overtaken', true);
        }

        return redirect()->route('classes.index')->with('status', __('classes.called-off'));
    }

    /** Changes one block; the minutes of the others are worked out again. */
    public function blocks(BlocksRequest $request, #[CurrentUser] User $user, TrainingClass $class): RedirectResponse
    {
        $back = redirect()->to(route('classes.show', $class).'#timetable');
        try {
            $blocks = $request
                ->change()
                ->to($this->now($class), (int) $request->validated('block'), $request->kind(), $request->integer('to'));
            Timetable::share(
                $class->minutes,
                $blocks ?? Timetable::usual(),
                SchoolMapper::classHabits($class->school),
            );
        } catch (TimetableException $refused) {
            return $back->with('error', say($refused->text));
        }
        if (
            ! $class->updateVersion(
                $request->integer('version'),
                ['blocks' => $blocks === null ? null : TrainingClass::kept($blocks)],
                $user,
            )
        ) {
            return $back->with('overtaken', true);
        }

        return $back;
    }

    /** Swaps what is taught: one is wished for, one is left out this time, or neither any more. */
    public function taught(TaughtRequest $request, #[CurrentUser] User $user, TrainingClass $class): RedirectResponse
    {
        $back = redirect()->to(route('classes.show', $class).'#taught');
        if (! $class->updateVersion($request->integer('version'), $request->wishes($class), $user)) {
            return $back->with('overtaken', true);
        }

        return $back;
    }

    /** Calls it on again after all. */
    public function restore(#[CurrentUser] User $user, TrainingClass $class): RedirectResponse
    {
        $class->updateVersion($class->version, ['cancelled_at' => null], $user);

        return redirect()->route('classes.show', $class)->with('status', __('classes.on-again'));
    }

    /**
     * The blocks with their minutes; as they are kept, where they do not fit any more.
     *
     * @return list<Block>
     */
    private function now(TrainingClass $class): array
    {
        try {
            return Timetable::share(
                $class->minutes,
                $class->plannedBlocks(),
                SchoolMapper::classHabits($class->school),
            );
        } catch (TimetableException) {
            return $class->plannedBlocks();
        }
    }

    /** Who came: what was changed on this page is changed, and what somebody else has marked meanwhile stays. */
    public function attendance(
        AttendanceRequest $request,
        MarkAttendance $action,
        TrainingClass $class,
    ): RedirectResponse {
        $here = $action->mark($class, $request->came(), $request->left());

        return redirect()
            ->to(route('classes.show', $class).'#who')
            ->with('status', trans_choice('classes.here', $here));
    }
}
