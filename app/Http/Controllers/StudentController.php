<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StudentRequest;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\Code;
use App\Persistence\WindowBook;
use App\View\Board\ProofLine;
use App\View\Ladder\LadderPicture;
use App\View\Ladder\Timeline;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final readonly class StudentController
{
    /** Reps of the timeline's table at once. */
    private const PAGE = 30;

    public function __construct(private CatalogueMapper $mapper) {}

    public function index(Request $request): View
    {
        $school = $request->user()->school;

        return view('students.index', [
            'students' => $school->students()->with('rank')->withCount('reps')->withMax('reps', 'at')->get()->sortBy([['rank.position', 'asc'], ['name', 'asc']]),
            'ranks' => $school->ranks,
        ]);
    }

    public function create(Request $request): View
    {
        return view('students.create', ['ranks' => $request->user()->school->ranks, 'flags' => StudentRequest::flags()]);
    }

    public function store(StudentRequest $request): RedirectResponse
    {
        $school = $request->user()->school;
        $student = Code::create($school->students(), (string) $request->string('name'), $request->columns());

        return redirect()->route('students.show', $student)->with('said', "{$student->name} is in. Record a rep to begin the ladder.");
    }

    public function show(Request $request, Student $student): View
    {
        $school = $request->user()->school;
        $catalogue = $this->mapper->curriculum($school);
        $now = CarbonImmutable::now();
        $windows = (new WindowBook($school, $catalogue))->of([$student->id], $now);
        $attack = $school->attacks->firstWhere('id', $request->integer('attack'));
        $core = $this->mapper->student($student);
        // Every index of the reps begins with the school.
        $all = $school->reps()->where('student_id', $student->id);
        $reps = $all->clone()->when($attack, static fn (Builder $query) => $query->where('attack_id', $attack?->id))->with(['attack', 'recordedBy'])->orderByDesc('at')->orderByDesc('id');
        $page = $reps->clone()->paginate(self::PAGE)->withQueryString()->fragment('timeline');

        return view('students.show', [
            'student' => $student,
            'ladder' => new LadderPicture($catalogue, $core, $windows[$student->id], $now),
            'count' => $all->count(),
            'attack' => $attack,
            'proofs' => $attack === null ? [] : ProofLine::of($core, array_column($catalogue->attacks, null, 'id')[$attack->code], $student->rank->goal_rung, $windows[$student->id], $now),
            'tried' => $school->attacks->find($all->clone()->distinct()->pluck('attack_id'))->sortBy('title')->pluck('title', 'id'),
            'reps' => $page,
            'replaced' => $school->reps()->whereIn('replaces', $page->modelKeys())->pluck('replaces')->flip(),
            'timeline' => new Timeline($reps->clone()->standing()->limit(Timeline::MAX)->toBase()->get(['at', 'attack_id', 'side', 'rung', 'outcome', 'mistakes', 'source']), $school->attacks->pluck('title', 'id')->all(), $catalogue->ladder, $now),
        ]);
    }

    public function edit(Request $request, Student $student): View
    {
        return view('students.edit', ['student' => $student, 'ranks' => $request->user()->school->ranks, 'flags' => StudentRequest::flags()]);
    }

    public function update(StudentRequest $request, Student $student): RedirectResponse
    {
        $student->update($request->columns());

        return redirect()->route('students.show', $student)->with('said', "{$student->name} is saved.");
    }
}
