<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AwardRank;
use App\Http\Requests\StudentRequest;
use App\Models\Student;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\Code;
use App\Persistence\CoverageBook;
use App\Persistence\KeptPages;
use App\Persistence\PreparationBook;
use App\Persistence\SoloBook;
use App\Persistence\WindowBook;
use App\View\Board\ProofLine;
use App\View\Home\HomeWeek;
use App\View\Ladder\ComingUp;
use App\View\Ladder\LadderPicture;
use App\View\Ladder\RepLog;
use App\View\Ladder\RungMoves;
use App\View\Solos\StudentSolos;
use App\View\Students\OwnPage;
use App\View\Students\ReadyFor;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Curriculum\Hazard;

/** The students of a school, and the ladder that each has climbed. */
final readonly class StudentController
{
    public function __construct(private CatalogueMapper $mapper, private KeptPages $pages) {}

    public function index(#[CurrentUser] User $user): View
    {
        $school = $user->school;

        return view('students.index', [
            'students' => $school
                ->withRanks($school->students()->withReps()->get())
                ->sortBy(static fn (Student $student): array => [$student->rank->position, $student->name]),
            'ranks' => $school->ranks,
        ]);
    }

    public function create(#[CurrentUser] User $user): View
    {
        return view('students.create', ['ranks' => $user->school->ranks, 'flags' => self::flags()]);
    }

    public function store(StudentRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $school = $user->school;
        $student = Code::create($school->students(), (string) $request->string('name'), $request->columns());

        return redirect()
            ->route('students.show', $student)
            ->with('status', __('messages.student-added', ['student' => $student->name]));
    }

    public function show(
        Request $request,
        CoverageBook $coverages,
        PreparationBook $preparations,
        #[CurrentUser]
        User $user,
        Student $student,
    ): View {
        $school = $user->school;
        $catalogue = $this->mapper->curriculum($school);
        $now = CarbonImmutable::now();
        $windows = (new WindowBook($school, $catalogue))->of([$student->id], $now);
        $core = $this->mapper->student($student);
        $ladder = new LadderPicture($catalogue, $core, $windows[$student->id], $now);
        $pool = $coverages->poolOf($school, [$core], $now, $preparations->until($school, $now));
        $attack = $request->has('attack') ? $school->attacks()->find($request->integer('attack')) : null;

        return view('students.show', [
            'student' => $student,
            'around' => $this->pages->ofPerson(
                'around',
                $user,
                $student,
                static fn (): string => view('students.around', [
                    'student' => $student,
                    'awards' => $student->awards()->with('rank', 'awardedBy', 'test')->get(),
                    'solos' => new StudentSolos($student, new SoloBook($school, $now)),
                ])->render(),
            ),
            'ladder' => $ladder,
            'coming' => new ComingUp($ladder, $pool, $core, $windows[$student->id], $now),
            'moves' => RungMoves::of($school, $catalogue->ladder, [$student->id => $ladder->titles()], $windows, $now)[
                $student->id
            ],
            'attackIds' => $school->attackIds(),
            'ready' => ReadyFor::next($catalogue, $student->rank->code, $windows[$student->id], $now),
            'proofs' => $attack === null
                ? []
                : ProofLine::of(
                    $core,
                    $catalogue->attack($attack->code),
                    $student->rank->goal_rung,
                    $windows[$student->id],
                    $now,
                ),
            'count' => $student->countReps(),
            // Far below: where nothing of it is asked for, it comes as soon as somebody scrolls there.
            'log' => $request->hasAny(['attack', 'page'])
                ? new RepLog($student, $attack, $catalogue->ladder, $now)
                : null,
        ]);
    }

    /** What a student has tried, one by one, for the page of the ladder. */
    public function log(Student $student): View
    {
        return view('students.timeline', [
            'student' => $student,
            'proofs' => [],
            'log' => new RepLog(
                $student,
                null,
                $this->mapper->ladder($student->school),
                CarbonImmutable::now(),
            ),
        ]);
    }

    /** What comes next for a student, on a phone first. */
    public function own(CoverageBook $coverages, #[CurrentUser] User $user, Student $student): View
    {
        $now = CarbonImmutable::now();

        return view('students.own', [
            'student' => $student,
            'page' => new OwnPage($student, $this->mapper, $coverages, $now),
            'around' => $this->pages->ofPerson(
                'own-around',
                $user,
                $student,
                fn (): string => $this->around($student, $now),
            ),
        ]);
    }

    /** What is done alone. */
    private function around(Student $student, CarbonImmutable $now): string
    {
        $book = new SoloBook($student->school, $now);

        return view('students.own-around', [
            'student' => $student,
            'solos' => new StudentSolos($student, $book),
            'week' => new HomeWeek($student, $this->mapper, $now, $book),
        ])->render();
    }

    public function edit(#[CurrentUser] User $user, Student $student): View
    {
        return view('students.edit', [
            'student' => $student,
            'ranks' => $user->school->ranks,
            'flags' => self::flags(),
        ]);
    }

    /** Another rank is awarded as of today. */
    public function update(
        StudentRequest $request,
        AwardRank $ranks,
        #[CurrentUser]
        User $user,
        Student $student,
    ): RedirectResponse {
        $columns = $request->columns();
        DB::transaction(static function () use ($ranks, $user, $student, $columns): void {
            if ($columns['rank_id'] !== $student->rank_id) {
                $ranks->award(
                    $student,
                    $user->school->ranks()->whereKey($columns['rank_id'])->firstOrFail(),
                    CarbonImmutable::now($user->school->timeZone()),
                    $user,
                );
            }
            $student->update($columns);
        });

        return redirect()
            ->route('students.show', $student)
            ->with('status', __('messages.saved', ['name' => $student->name]));
    }

    /** @return array<string, string> what can be forbidden to a student, by flag */
    private static function flags(): array
    {
        $flags = [];
        foreach (Hazard::cases() as $hazard) {
            $flags['no-'.$hazard->value] = say($hazard->text());
        }

        return $flags;
    }
}
