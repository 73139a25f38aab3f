<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MarkAttendance;
use App\Actions\MarkTest;
use App\Actions\RecordSentReps;
use App\Http\Requests\AttendanceRequest;
use App\Http\Requests\MarksRequest;
use App\Http\Requests\MatRepsRequest;
use App\Models\Role;
use App\Models\Test;
use App\Models\TrainingClass;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\PreparationBook;
use App\Persistence\RevisionCache;
use App\View\Drill\ClassPack;
use App\View\Drill\DrillForecast;
use App\View\Drill\Kit;
use App\View\Drill\KitPack;
use App\View\Drill\Recorder;
use App\View\Drill\TestPack;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Proof\Outcome;

/** The mat: a drill set up, called and recorded, with or without a network. */
final readonly class MatController
{
    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages) {}

    /** The page holds nobody's name: a device keeps it, and what it keeps of people is sealed. */
    public function show(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;
        $find = $this->find($request);
        $students = $school->students()->count();
        // Asked of a column: to read all that the school teaches takes longer than the rest of the page.
        $kinds = $this->mapper->kinds($school);
        $taught = array_map(
            static fn (string $kind): ?Family => $kinds->has($kind) ? $kinds->get($kind)->family : null,
            $school->attacks()->toBase()->distinct()->reorder()->pluck('kind')->all(),
        );

        return view('mat.show', [
            'students' => $students,
            'find' => $find,
            'more' => max(0, $students - Kit::MAX),
            'deletes' => $user->role === Role::Head,
            'ranks' => $school->ranks,
            'rungs' => $this->mapper->ladder($school)->rungs,
            'families' => array_values(
                array_filter(Family::cases(), static fn (Family $family): bool => in_array($family, $taught, true)),
            ),
            'lists' => $school->drillLists,
            'outcomes' => Outcome::cases(),
        ]);
    }

    /** What the mat keeps with it. */
    public function kit(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $school = $user->school;

        return response()->json(
            KitPack::of(
                $school,
                $this->mapper,
                $this->coverages,
                CarbonImmutable::now(),
                Kit::of($school, $this->find($request)),
            )->toArray($user),
        );
    }

    /** The classes and tests around now, which it keeps too. */
    public function plans(#[CurrentUser] User $user, RevisionCache $kept): JsonResponse
    {
        $at = CarbonImmutable::now();

        return response()->json([
            'classes' => (new ClassPack($user->school, $this->mapper, $this->coverages, $kept))->of($at),
            'tests' => TestPack::of($user->school, $user, $at),
        ]);
    }

    /** What is drawn from, who is barred from what, and whether there is time, for what is set up. */
    public function forecast(Request $request, PreparationBook $preparations, #[CurrentUser] User $user): View
    {
        $school = $user->school;
        $at = CarbonImmutable::now();
        $here = array_map(intval(...), array_filter((array) $request->input('people'), is_numeric(...)));
        $kit = new Kit(
            $school,
            $this->mapper,
            $this->coverages,
            $at,
            $school->students()->with('rank')->findMany($here),
            $preparations->until($school, $at),
        );

        return view('mat.forecast', ['forecast' => new DrillForecast($kit, $request->all())]);
    }

    /**
     * Takes what was recorded: each rep is told by its id whether it is kept, or why not, with what the log has
     * instead. It belongs to the person who recorded it, whoever is signed in when it is sent.
     */
    public function store(MatRepsRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $by = static fn (array $rep): ?User => Recorder::read($rep['by'] ?? null, $user);

        return response()->json((new RecordSentReps($user->school))->record($request->reps(), $by));
    }

    /** Who came to a class, as a device has marked it: sent again it changes nothing. */
    public function attendance(AttendanceRequest $request, MarkAttendance $action, TrainingClass $class): JsonResponse
    {
        return response()->json(['here' => $action->mark($class, $request->came(), $request->left())]);
    }

    /** How items of a test went; each mark belongs to whoever made it. */
    public function mark(MarksRequest $request, MarkTest $action, #[CurrentUser] User $user, Test $test): JsonResponse
    {
        $by = static fn (array $mark): User => Recorder::read($mark['by'] ?? null, $user) ?? $user;
        foreach ($request->marks() as $mark) {
            $action->mark($test, [$mark], $by($mark));
        }
        foreach ($request->soloMarks() as $mark) {
            $action->markSolos($test, [$mark], $by($mark));
        }

        return response()->json(['kept' => count($request->marks()) + count($request->soloMarks())]);
    }

    private function find(Request $request): string
    {
        $find = $request->query('find');

        return is_string($find) ? trim($find) : '';
    }
}
